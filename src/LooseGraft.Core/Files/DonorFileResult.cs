using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>What came of reading a known donor.</summary>
/// <param name="Donor">The donor; null when there is any error.</param>
/// <param name="Errors">Everything wrong, up to <see cref="GraftFileLimits.ErrorsReported"/>.</param>
/// <param name="Notes">Members this version does not know, kept untouched.</param>
public sealed record DonorFileResult(KnownDonor? Donor, ImmutableArray<FileError> Errors, ImmutableArray<string> Notes);
