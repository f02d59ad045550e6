using System.Collections.Immutable;
using LooseGraft.Core.Files;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>What a graft carries along from its file without understanding it.</summary>
public sealed class KeptModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>Notes that are told; of more, the first.</summary>
    public const int Most = GraftFileLimits.ErrorsReported;

    public ImmutableArray<string> Notes { get; private set; } = [];

    protected override void OnShown() => Notes = GraftFile.Read(GraftFile.Write(Graft)).Notes;
}
