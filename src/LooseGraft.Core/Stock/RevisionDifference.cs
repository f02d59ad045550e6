namespace LooseGraft.Core.Stock;

/// <summary>One thing in which two revisions of a board differ.</summary>
/// <param name="Where">The port and position, or what else.</param>
/// <param name="One">How it is on the first.</param>
/// <param name="Other">How it is on the second.</param>
/// <param name="Pin">The port's id and the position, where it is a pin of a port that both have.</param>
public sealed record RevisionDifference(string Where, string One, string Other, (string Port, int Position)? Pin = null);
