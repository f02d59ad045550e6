using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Data.Tables;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Instruments;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Readings at the wall: typed, cut out of a meter's log, or of the practice meter; and what they say of the figures.</summary>
public sealed partial class WallModel(GraftStore store, ReviewDesk reviews, TimeProvider clock, MeterShelf shelf, WallWatches watches)
    : GraftPageModel(store, reviews)
{
    /// <summary>The log that is looked at, as text; empty when none is.</summary>
    public string LogText { get; private set; } = "";

    public WallLog? Log { get; private set; }

    /// <summary>The window that is marked, in seconds from the log's beginning.</summary>
    public (double From, double To) Marked { get; private set; }

    public (Watts Mean, Watts MostOften, Watts Highest)? Window { get; private set; }

    /// <summary>The supply that was watched last, which a window of its log is a reading of.</summary>
    public string? Behind { get; private set; }

    public ImmutableArray<WallFit> Fits => Review.Feed.Fits;

    /// <summary>The supplies that a wall meter can see.</summary>
    public IEnumerable<SupplyReview> OnWall => Review.Feed.Supplies.Where(review => review.Into is null);

    public IEnumerable<Part> FedParts => Graft.Parts.Where(part => Graft.Loads.Any(load => load.Part == part.Id));

    public async Task<IActionResult> OnPostAddAsync(WallWork work, string? mean, string? highest, string? behind, string[]? without, string? note)
    {
        var watts = ModelState.NotNegative("mean", mean, "the power", "W");
        var top = string.IsNullOrWhiteSpace(highest) ? null : ModelState.NotNegative("mean", highest, "the highest", "W");
        if (watts is not { } power || !await LoadAsync()) return await InvalidAsync();
        return await SaveAsync(Keep(work, new Watts(power), null, top is { } high ? new Watts(high) : null, behind, without, note));
    }

    public Task<IActionResult> OnPostRemoveAsync(string reading) => SaveAsync(new RemoveWallReading(reading));

    public Task<IActionResult> OnPostBehindAsync(string reading, string supply) => SaveAsync(new SetMeteredSupply(reading, supply));

    public Task<IActionResult> OnPostMainsAsync(int? volts)
        => SaveAsync(new SetMains(volts is EfficiencyCurve.LowMains or EfficiencyCurve.HighMains ? volts : null));

    public async Task<IActionResult> OnPostLogAsync(string? log, string? from, string? to)
    {
        if (!await LoadAsync()) return NotFound();
        Look(log ?? "", from, to);
        if (ModelState.IsValid) return Page();
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    public async Task<IActionResult> OnPostKeepAsync(
        string? log, string? from, string? to, WallWork work, string? behind, string[]? without, string? note)
    {
        if (!await LoadAsync()) return NotFound();
        Look(log ?? "", from, to);
        if (Window is not { } window)
        {
            if (ModelState.IsValid) ModelState.AddModelError("log", "No sample lies in the window. Mark seconds between 0 and the log's end.");
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        return await SaveAsync(Keep(work, window.Mean, window.MostOften, window.Highest, behind, without, note));
    }

    // The supply that is said to be behind the meter; the first where nobody says.
    private Supply? Metered(string? behind) => (OnWall.FirstOrDefault(review => review.Supply.Id == behind) ?? OnWall.FirstOrDefault())?.Supply;

    private void Look(string log, string? from, string? to)
    {
        LogText = log;
        var table = CsvTable.Read(log);
        if (table.Problem is { } problem) ModelState.AddModelError("log", problem);
        Log = WallLog.Read(table.Rows.Select(row => (row.Line, (IReadOnlyList<string>)row.Cells)));
        foreach (var wrong in Log.Problems) ModelState.AddModelError("log", wrong);
        if (Log.Samples.IsEmpty)
        {
            if (ModelState.IsValid) ModelState.AddModelError("log", "There is no sample in it. Lines look like 2026-03-07 14:05:00, 84.5.");
            return;
        }

        var (start, length) = (Log.Samples[0].At, (Log.Samples[^1].At - Log.Samples[0].At).TotalSeconds);
        var first = string.IsNullOrWhiteSpace(from) ? 0 : ModelState.NotNegative("log", from, "the window's beginning", "s") ?? 0;
        var last = string.IsNullOrWhiteSpace(to) ? length : ModelState.NotNegative("log", to, "the window's end", "s") ?? length;
        Marked = (Math.Min(first, length), Math.Min(last, length));
        Window = Log.Window(start.AddSeconds(Marked.From), start.AddSeconds(Marked.To));
    }

    private AddWallReading Keep(WallWork work, Watts mean, Watts? often, Watts? highest, string? behind, string[]? without, string? note)
        => new(new WallReading("", clock.GetUtcNow(), work, mean)
        {
            MostOften = often,
            Highest = highest,
            Supply = behind ?? (OnWall.ToArray() is [var only] ? only.Supply.Id : null),
            Without = [.. without ?? []],
            Note = note.Trimmed(),
        });
}
