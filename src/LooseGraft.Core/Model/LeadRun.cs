using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A lead that has to reach from one place to another on a plane.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Plane">The plane along which it runs.</param>
/// <param name="From">Where it begins.</param>
/// <param name="To">Where it ends.</param>
public sealed record LeadRun(string Id, string Name, string Plane, RunEnd From, RunEnd To)
{
    /// <summary>How long it is from plug to plug at least; null when nobody measured.</summary>
    public Millimetres? Length { get; init; }

    /// <summary>How far the length may be off, each way.</summary>
    public Millimetres LengthError { get; init; } = new(5);

    /// <summary>The tightest bend it takes; for a bundle about four times its thickness (common practice).</summary>
    public Millimetres Bend { get; init; } = new(10);

    /// <summary>Whether its plugs are a maker's own, so that no extension can be bought.</summary>
    public bool IsMakersOwn { get; init; }

    /// <summary>The one way that it shall take; null for the shortest.</summary>
    public LeadWay? Way { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
