
namespace LooseGraft.Core.Model;

/// <summary>A board somebody has described before, for the next time the same model comes round.</summary>
/// <param name="Model">The machine, as its maker calls it.</param>
/// <param name="Revision">The revision printed on the board.</param>
/// <param name="Board">The board.</param>
public sealed record KnownDonor(string Model, string Revision, Part Board)
{
    /// <summary>What the machine was.</summary>
    public string? Kind { get; init; }

    /// <summary>What its case did, as far as it holds for every graft: who meets a need now is not kept.</summary>
    public ValueList<CaseAnswer> OldCase { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
