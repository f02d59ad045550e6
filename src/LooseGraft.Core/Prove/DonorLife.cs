namespace LooseGraft.Core.Prove;

/// <summary>Whether the bare board of one donor is known to live.</summary>
/// <param name="Donor">The donor's id; null for the first.</param>
/// <param name="Verdict">What its last start showed.</param>
public sealed record DonorLife(string? Donor, LifeVerdict Verdict);
