using System.Globalization;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Quantities;
using LooseGraft.Web.Instruments;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace LooseGraft.Web.Pages;

/// <summary>A meter that is watched while it runs, and figures taken over from what was read.</summary>
public sealed partial class WallModel
{
    // Below this a figure stands where it was believed to stand.
    private const double Moved = 0.005;

    /// <summary>The instruments that can be watched, each with its key.</summary>
    public IReadOnlyList<(string Key, string Name)> Meters { get; private set; } = [];

    /// <summary>What is watched now; null while nothing.</summary>
    public WallWatch? Watch => watches.Find(Id);

    public async Task<IActionResult> OnPostWatchAsync(string? meter, string? behind)
    {
        if (!await LoadAsync()) return NotFound();
        var now = clock.GetUtcNow();
        if (Metered(behind) is not { } supply)
            ModelState.AddModelError("watch", "A meter at the wall needs a supply that hangs on the wall. Describe one on Feed first.");
        else if (await shelf.FindWallAsync(meter, Review.Feed, supply, now, HttpContext.RequestAborted) is not { } found)
            ModelState.AddModelError("watch", "That instrument is not there, or is turned off. Turn it on under Meters.");
        else if (watches.Begin(Id, found, supply.Id) is not { } watch)
            ModelState.AddModelError("watch", $"{WallWatches.Most} meters are watched already, one for each graft. Stop one of them first.");
        else
        {
            await watch.LookAsync(now, HttpContext.RequestAborted);
            return Page();
        }

        return await InvalidAsync();
    }

    /// <summary>Reads the watched meter once more, and answers with what it showed so far.</summary>
    public async Task<IActionResult> OnGetLiveAsync()
    {
        if (!await LoadAsync()) return NotFound();
        if (Watch is { } watch) await watch.LookAsync(clock.GetUtcNow(), HttpContext.RequestAborted);
        return Partial("_WallLive", this);
    }

    /// <summary>Stops watching; what was seen becomes a log in which a window can be marked.</summary>
    public async Task<IActionResult> OnPostStopAsync(bool keep)
    {
        if (!await LoadAsync()) return NotFound();
        if (Watch is { Log.Samples.IsEmpty: false } watch && keep)
        {
            Behind = watch.Supply;
            Look(Text(watch.Log.Samples), null, null);
        }

        watches.End(Id);
        return Page();
    }

    public async Task<IActionResult> OnPostTakeFitAsync(string supply, string part)
        => await LoadAsync() && FittedBy(supply, part) is { } edit ? await SaveAsync(edit) : await InvalidAsync();

    /// <summary>What a part takes at peak of one supply by its figures, and by the readings; null where they say the same, or it has no figures of its own.
    /// </summary>
    public (Watts Said, Watts Fitted)? Taken(string supply, string part)
        => FittedBy(supply, part) is { } edit ? (PeakOf(edit, Graft), PeakOf(edit, edit.Apply(Graft))) : null;

    public override async Task OnPageHandlerExecutionAsync(PageHandlerExecutingContext context, PageHandlerExecutionDelegate next)
    {
        await base.OnPageHandlerExecutionAsync(context, next);
        if (Snapshot is not null) Meters = await shelf.WallChoicesAsync(HttpContext.RequestAborted);
    }

    private TakeFit? FittedBy(string supply, string part)
    {
        var share = Fits.Where(fit => fit.Supply == supply).SelectMany(fit => fit.Shares).FirstOrDefault(each => each.Part == part).Share;
        var rails = Review.Feed.Flows.All.Where(flow => flow.Consumer == part && flow.Supply.Id == supply)
            .Select(flow => flow.Subject).OfType<DrawSubject>().Select(draw => draw.Rail).Distinct().ToArray();
        return Math.Abs(share) < Moved || rails.Length == 0 ? null : new TakeFit(part, [.. rails], share);
    }

    private static Watts PeakOf(TakeFit edit, Core.Model.Graft graft)
        => new(graft.Loads.Where(load => load.Part == edit.Part).SelectMany(load => load.Draws).Where(draw => edit.Rails.Contains(draw.Rail))
            .Sum(draw => draw.Peak.Likely.Value * Math.Abs(Core.Model.Signal.Parse(draw.Rail)?.SupplyVoltage?.Value ?? 0)));

    private static string Text(IEnumerable<WallSample> samples)
        => string.Join('\n', samples.Select(sample => string.Create(CultureInfo.InvariantCulture, $"{sample.At:yyyy-MM-dd HH:mm:ss},{sample.Power.Value:0.0}")));
}
