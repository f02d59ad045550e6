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
    /// <summary>The donor whose board is run; null for the first.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Donor { get; set; }

    /// <summary>The sheet; null while there is no board.</summary>
    public BenchSheet? Sheet => BenchSheets.For(Graft, Donor);

    /// <summary>What its last start showed.</summary>
    public LifeVerdict Life => ProofOfLife.Verdict(Graft, Donor);

    public Task<IActionResult> OnPostSawAsync(WatchPoint watched, bool seen, string? note)
        => SaveAsync(new AddObservation(new Observation(clock.GetUtcNow(), watched, seen) { Donor = Donor, Note = note.Lines() }));

    public Task<IActionResult> OnPostForgetAsync(int index) => SaveAsync(new RemoveObservation(index));

    protected override bool IsThere => Graft.FindDonor(Donor) is not null;
}
