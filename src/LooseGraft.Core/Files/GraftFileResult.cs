using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>What came of reading a graft file.</summary>
/// <param name="Graft">The graft; null when there is any error, since a half-read graft would judge wrongly.</param>
/// <param name="Errors">Everything wrong, up to <see cref="GraftFileLimits.ErrorsReported"/>.</param>
/// <param name="Notes">Members this version does not know, kept untouched.</param>
public sealed record GraftFileResult(Graft? Graft, ImmutableArray<FileError> Errors, ImmutableArray<string> Notes);
