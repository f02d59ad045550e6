using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The Feed stage: what a supply gives against what is drawn from it.</summary>
public sealed class FeedModel(GraftStore store, ReviewCache reviews) : GraftPageModel(store, reviews)
{
    public override Stage? Stage => Core.Findings.Stage.Feed;

    /// <summary>Id of the supply to look at; the first when none is asked for.</summary>
    [BindProperty(SupportsGet = true, Name = "supply")]
    public string? SupplyId { get; set; }

    /// <summary>The load case to look at.</summary>
    [BindProperty(SupportsGet = true)]
    public LoadCase Case { get; set; } = LoadCase.Peak;

    public SupplyReview? Supply { get; private set; }

    public FeedPicture? Picture { get; private set; }

    /// <summary>Every draw from the supply, with the name of the part it belongs to.</summary>
    public IReadOnlyList<(Load Load, Draw Draw, string Part)> Draws { get; private set; } = [];

    public static string Figure(Amps amps) => amps.Value.ToString(CultureInfo.InvariantCulture);

    /// <summary>Which draw a refused form was about, so that what was typed stands in its row.</summary>
    public bool IsRefused(Load load, Draw draw)
        => !ModelState.IsValid && Request.HasFormContentType && Request.Form["load"] == load.Id && Request.Form["rail"] == draw.Rail;

    public async Task<IActionResult> OnPostDrawAsync(string load, string rail, string? low, string? likely, string? high, Evidence evidence)
    {
        if (ModelState.Currents(low, likely, high) is not { } currents) return await InvalidAsync();
        var loadCase = Case;
        return await SaveAsync(new Edit(
            $"{load}, {rail} at {loadCase.ToString().ToLowerInvariant()}: {currents}, {evidence.Words()}",
            graft => graft.WithDraw(load, rail, draw => Changed(draw, loadCase, currents) with { Evidence = evidence }),
            graft => graft.Loads.FirstOrDefault(found => found.Id == load)?.Draws.FirstOrDefault(draw => draw.Rail == rail) is { } draw
                ? $"{load}, {rail} at {loadCase.ToString().ToLowerInvariant()}: {FeedStage.Current(draw, loadCase)}, {draw.Evidence.Words()}"
                : "this draw is not there any more"));
    }

    public async Task<IActionResult> OnPostRemoveDrawAsync(string load, string rail)
        => await SaveAsync(new Edit(
            $"{load} no longer draws from {rail}",
            graft => graft with
            {
                Loads = [.. graft.Loads.Select(found => found.Id == load ? found with { Draws = found.Draws.RemoveAll(draw => draw.Rail == rail) } : found)
                .Where(found => found.Id != load || !found.Draws.IsEmpty)]
            },
            graft => $"{graft.Loads.Sum(found => found.Draws.Length)} draws"));

    public async Task<IActionResult> OnPostAddDrawAsync(string? part, string? rail, string? low, string? likely, string? high, Evidence evidence)
    {
        if (!await LoadAsync()) return NotFound();
        var currents = ModelState.Currents(low, likely, high);
        if (Graft.FindPart(part ?? "") is not { } fed) ModelState.AddModelError("part", "Choose the part that draws the current.");
        else if (Signal.Parse(rail ?? "") is not { Family: SignalFamily.Supply } output) ModelState.AddModelError("rail", $"“{rail}” is not a rail. Type one such as +12 V.");
        else if (Supply is { } supply && currents is { } amps)
        {
            var load = Graft.Loads.FirstOrDefault(found => found.Part == fed.Id && found.Supply == supply.Supply.Id)
                ?? new Load(GraftEdits.FreshId(fed.Id, Graft.Loads.Select(found => found.Id)), fed.Id, supply.Supply.Id);
            if (load.Draws.Any(draw => draw.Rail == output.Name))
                ModelState.AddModelError("rail", $"{fed.Name} already draws from {output}; change that row instead.");
            else
                return await SaveAsync(AddDraw(load, new Draw(output.Name, amps, amps, amps, evidence), fed.Name));
        }

        return await InvalidAsync();
    }

    public async Task<IActionResult> OnPostAddSupplyAsync(string? name, string? rails, string? total)
    {
        if (SupplyLabel.Read(ModelState, rails, total) is not { } label || string.IsNullOrWhiteSpace(name))
        {
            if (string.IsNullOrWhiteSpace(name)) ModelState.AddModelError("name", "Give the supply a name, as you would say it.");
            return await InvalidAsync();
        }

        return await SaveAsync(new Edit($"New supply {name.Trim()}", graft =>
        {
            var part = graft.FindPart(GraftEdits.FreshId(name, [])) is { Kind: PartKind.Supply or PartKind.Brick or PartKind.Converter } same
                ? same
                : new Part(GraftEdits.FreshId(name, graft.Parts.Select(found => found.Id)), name.Trim(), PartKind.Supply);
            var supply = label with { Id = GraftEdits.FreshId(name, graft.Supplies.Select(found => found.Id)), Part = part.Id };
            return graft with { Parts = graft.Parts.Contains(part) ? graft.Parts : graft.Parts.Add(part), Supplies = graft.Supplies.Add(supply) };
        }, graft => $"{graft.Supplies.Length} supplies"));
    }

    protected override void OnShown()
    {
        Supply = Review.Feed.Supplies.FirstOrDefault(found => found.Supply.Id == SupplyId) ?? Review.Feed.Supplies.FirstOrDefault();
        if (Supply is null) return;
        Picture = new FeedPicture(Supply, Case);
        Draws = [.. from load in Graft.Loads
                    where load.Supply == Supply.Supply.Id
                    from draw in load.Draws
                    select (load, draw, Graft.FindPart(load.Part)?.Name ?? load.Part)];
    }

    private static Edit AddDraw(Load load, Draw draw, string part) => new(
        $"{part} draws {draw.Peak} from {draw.Rail}",
        graft => graft with
        {
            Loads = graft.Loads.Any(found => found.Id == load.Id)
                ? [.. graft.Loads.Select(found => found.Id == load.Id ? found with { Draws = found.Draws.Add(draw) } : found)]
                : graft.Loads.Add(load with { Draws = [draw] }),
        },
        graft => $"{graft.Loads.Sum(found => found.Draws.Length)} draws");

    private static Draw Changed(Draw draw, LoadCase loadCase, Spread<Amps> currents) => loadCase switch
    {
        LoadCase.Idle => draw with { Idle = currents },
        LoadCase.Typical => draw with { Typical = currents },
        _ => draw with { Peak = currents },
    };
}
