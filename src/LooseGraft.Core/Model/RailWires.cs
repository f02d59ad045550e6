namespace LooseGraft.Core.Model;

/// <summary>How many wires of a lead carry one rail.</summary>
/// <param name="Rail">Name of the rail; <c>ground</c> for those that lead back.</param>
/// <param name="Wires">How many lie side by side, 1 to 16.</param>
public sealed record RailWires(string Rail, int Wires)
{
    /// <summary>The name that stands for the wires that lead back.</summary>
    public const string Ground = "ground";

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
