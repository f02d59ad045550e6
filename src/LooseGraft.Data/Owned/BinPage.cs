namespace LooseGraft.Data.Owned;

/// <summary>What a search of the bin found.</summary>
/// <param name="Rows">The first of them.</param>
/// <param name="Found">How many there are in all.</param>
/// <param name="Owned">How many entries the whole bin has.</param>
public sealed record BinPage(IReadOnlyList<BinRow> Rows, int Found, int Owned);
