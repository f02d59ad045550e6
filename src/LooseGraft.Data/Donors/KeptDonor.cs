using LooseGraft.Core.Model;

namespace LooseGraft.Data.Donors;

/// <summary>A known donor on the shelf.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Donor">The donor.</param>
/// <param name="AddedAt">When it was kept.</param>
/// <param name="IsRemoved">Whether it was put aside.</param>
public sealed record KeptDonor(int Id, KnownDonor Donor, DateTimeOffset AddedAt, bool IsRemoved);
