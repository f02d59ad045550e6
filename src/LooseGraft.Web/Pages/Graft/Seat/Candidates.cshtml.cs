using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Boxes that might stand in one place, judged side by side before anything is bought.</summary>
public sealed class CandidatesModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    private const int Most = 4;

    /// <summary>The box that others are tried in the place of.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Of { get; set; }

    /// <summary>The candidates as typed, a line each.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Boxes { get; set; }

    /// <summary>The box as it is written down; null when none is.</summary>
    public SeatBox? Now { get; private set; }

    public ImmutableArray<Candidate> Candidates { get; private set; } = [];

    /// <summary>What is told of the box as it is, heaviest first.</summary>
    public IEnumerable<Finding> Told => Review.Seat.Findings.OrderByDescending(finding
        => finding.Severity).Where(finding => Now is not null && finding.Subject.Text == $"/seating/boxes/{Now.Id}");

    /// <summary>The lines to begin with.</summary>
    public string Lines => Boxes ?? (Now is null ? "" : SeatLists.Boxes.WriteAll([Now]));

    public async Task<IActionResult> OnPostTakeAsync(string box)
    {
        var read = SeatLists.Boxes.ReadAll(ModelState, box);
        if (!await LoadAsync()) return NotFound();
        Check(read);
        if (read.IsEmpty) ModelState.AddModelError("boxes", "Type one box to take it.");
        return await SaveAsync(new SetBoxes([.. Graft.Seating.Boxes.Select(other => read.FirstOrDefault(taken => taken.Id == other.Id) ?? other),
            .. read.Where(taken => Graft.Seating.Boxes.All(other => other.Id != taken.Id))]));
    }

    protected override void OnShown()
    {
        Now = Graft.Seating.Boxes.FirstOrDefault(box => box.Id == Of) ?? Graft.Seating.Boxes.FirstOrDefault();
        if (string.IsNullOrWhiteSpace(Boxes)) return;
        var read = SeatLists.Boxes.ReadAll(ModelState, Boxes);
        if (read.Length > Most) ModelState.AddModelError("boxes", $"There are more than {Most}; the first {Most} are judged.");
        var known = read.Take(Most).Where(IsGrounded).ToArray();
        Check([.. read.Take(Most)]);
        Candidates = [.. known.Select(box => Candidate.Of(Review, Now is null ? box : box with { Id = Now.Id }))];
    }

    private bool IsGrounded(SeatBox box) => Graft.Seating.FindPlane(box.On) is not null || Graft.Seating.SeatOf(box.On) is not null;

    private void Check(ValueList<SeatBox> read)
    {
        foreach (var box in read.Where(box => !IsGrounded(box)))
            ModelState.AddModelError("boxes", $"“{box.On}” is neither a base nor a seated board.");
        foreach (var box in read.Where(box => box.Part is not null && Graft.FindPart(box.Part) is null))
            ModelState.AddModelError("boxes", $"There is no part “{box.Part}”.");
    }
}
