using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Proof of life: the bench sheet of the donor, and what was seen.</summary>
public sealed class LifeModel(GraftStore store, ReviewCache reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    public override Stage? Stage => Core.Findings.Stage.Prove;

    /// <summary>The sheet; null while there is no board.</summary>
    public BenchSheet? Sheet => BenchSheets.For(Graft);

    public async Task<IActionResult> OnPostSawAsync(WatchPoint watched, bool seen, string? note)
    {
        var at = clock.GetUtcNow();
        return await SaveAsync(new Edit(
            $"Bare board: {watched.Words()}, {(seen ? "seen" : "not seen")}",
            graft => graft with
            {
                Observations = graft.Observations.Add(new Observation(at, watched, seen) { Note = string.IsNullOrWhiteSpace(note) ? null : note.ReplaceLineEndings("\n").Trim() }),
            },
            graft => $"{graft.Observations.Length} observations"));
    }

    public async Task<IActionResult> OnPostForgetAsync(int index)
        => await SaveAsync(new Edit("An observation taken out",
            graft => index < 0 || index >= graft.Observations.Length ? graft : graft with { Observations = graft.Observations.RemoveAt(index) },
            graft => $"{graft.Observations.Length} observations"));
}
