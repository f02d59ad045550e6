using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Prove.Edits;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Proof of life: the bench sheet of the donor, and what was seen.</summary>
public sealed class LifeModel(GraftStore store, ReviewDesk reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    /// <summary>The sheet; null while there is no board.</summary>
    public BenchSheet? Sheet => BenchSheets.For(Graft);

    public Task<IActionResult> OnPostSawAsync(WatchPoint watched, bool seen, string? note)
        => SaveAsync(new AddObservation(new Observation(clock.GetUtcNow(), watched, seen) { Note = note.Lines() }));

    public Task<IActionResult> OnPostForgetAsync(int index) => SaveAsync(new RemoveObservation(index));
}
