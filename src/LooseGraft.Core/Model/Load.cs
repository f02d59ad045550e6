
namespace LooseGraft.Core.Model;

/// <summary>All that one part takes from one supply.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Part">Id of the part.</param>
/// <param name="Supply">Id of the supply that feeds it.</param>
public sealed record Load(string Id, string Part, string Supply)
{
    /// <summary>What it takes, rail by rail.</summary>
    public ValueList<Draw> Draws { get; init; } = [];

    /// <summary>The plug of its supply that it takes, written string/plug; null when nobody said.</summary>
    public string? Plug { get; init; }

    /// <summary>The port of another part that feeds it on: a fan on a board's header, a drive on a board's outlet; null when it hangs on the supply
    /// itself.</summary>
    public PortId? Through { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
