namespace LooseGraft.Core.Model;

/// <summary>What one part takes. By what way it takes it is read from the joints.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Part">Id of the part.</param>
public sealed record Load(string Id, string Part)
{
    /// <summary>What it takes, rail by rail.</summary>
    public ValueList<Draw> Draws { get; init; } = [];

    /// <summary>How it is meant to be fed where no joint feeds it; null when nobody said.</summary>
    public MeantWay? Meant { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
