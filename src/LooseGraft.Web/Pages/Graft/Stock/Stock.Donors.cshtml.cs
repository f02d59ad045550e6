using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What concerns the donors: what their old cases did, further ones, and those that are known.</summary>
public sealed partial class StockModel
{
    public Task<IActionResult> OnPostAnswerAsync(CaseDuty duty, bool did, string? of) => SaveAsync(new AnswerDuty(duty, did, of.Trimmed()));

    public Task<IActionResult> OnPostMeetAsync(CaseDuty duty, string? metBy, string? leftOff, string? of)
        => SaveAsync(new MeetDuty(duty, metBy.Trimmed(), leftOff.Lines(), of.Trimmed()));

    public async Task<IActionResult> OnPostAddDonorAsync(string? donorName, string? sort)
    {
        if (!await LoadAsync()) return NotFound();
        if (Graft.OtherDonors.Length >= GraftFileLimits.OtherDonors)
            ModelState.AddModelError("donorName", $"A graft has at most {GraftFileLimits.OtherDonors + 1} donors.");
        return await SaveAsync(new AddDonor(DonorName(donorName, null), sort.Trimmed()));
    }

    public async Task<IActionResult> OnPostDescribeDonorAsync(string? of, string? donorName, string? sort, string? donorNote)
        => await LoadAsync() ? await SaveAsync(new DescribeDonor(of.Trimmed(), DonorName(donorName, of), sort.Trimmed(), donorNote.Lines())) : NotFound();

    public Task<IActionResult> OnPostRemoveDonorAsync(string of) => SaveAsync(new RemoveDonor(of));

    public async Task<IActionResult> OnPostBringDonorAsync(int kept, bool sure)
    {
        if (await donors.FindAsync(kept, HttpContext.RequestAborted) is not { Donor: var donor }) return NotFound();
        var others = (await donors.AllAsync(alsoRemoved: false, HttpContext.RequestAborted))
            .Where(other => other.Donor.Model == donor.Model && other.Id != kept);
        var board = sure ? donor.Board : others.Aggregate(donor.Board, (one, other) => Core.Stock.Revisions.Unsure(one, other.Donor.Board));
        return await SaveAsync(new BringDonor(donor, board, sure));
    }

    public async Task<IActionResult> OnPostKeepDonorAsync(string part, string? model, string? revision)
    {
        if (!await LoadAsync() || Graft.FindPart(part ?? "") is not { } board) return NotFound();
        if (string.IsNullOrWhiteSpace(revision)) ModelState.AddModelError("revision", "Give the revision printed on the board, or a mark of your own.");
        if (!ModelState.IsValid || Graft.FindDonor(board.Donor) is not { } from) return await InvalidAsync();
        var donor = new KnownDonor(
            string.IsNullOrWhiteSpace(model) ? from.Machine.Name : model.Trim(), revision!.Trim(),
            board.From(null, null) with { Bin = null, Cost = null, BoardRevision = null, InPlaceOf = null })
        {
            Kind = from.Machine.Kind,
            OldCase = [.. from.OldCase.Select(answer => answer with { MetBy = null, LeftOff = null })],
        };
        var (_, replaced, errors) = await donors.KeepAsync(donor, HttpContext.RequestAborted);
        foreach (var error in errors) ModelState.AddModelError("", $"{error.Path}: {error.Found} will not do. It takes {error.Allowed}.");
        if (errors.Count > 0) return await InvalidAsync();
        Said = $"{donor.Model}, revision {donor.Revision}, is kept as a known donor{(replaced ? "; the one kept before is put aside" : "")}.";
        return Redirect(Link());
    }

    // Lines of text tell donors apart by their names.
    private string DonorName(string? typed, string? of)
    {
        var name = typed.Trimmed();
        if (name is null) ModelState.AddModelError("donorName", "Give the donor a name, as you would say it.");
        else if (Graft.Donors().Any(donor => donor.Id != of.Trimmed() && donor.Machine.Name.Equals(name, StringComparison.OrdinalIgnoreCase)))
            ModelState.AddModelError("donorName", $"{name} is a donor already; give this one a name of its own.");
        return name ?? "";
    }
}
