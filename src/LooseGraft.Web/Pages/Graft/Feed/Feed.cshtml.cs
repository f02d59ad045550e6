using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Schools;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The Feed stage: what a supply gives against what is drawn from it.</summary>
public sealed class FeedModel(GraftStore store, ReviewCache reviews) : GraftPageModel(store, reviews)
{
    /// <summary>Id of the supply to look at; the first when none is asked for.</summary>
    [BindProperty(SupportsGet = true, Name = "supply")]
    public string? SupplyId { get; set; }

    /// <summary>The load case to look at.</summary>
    [BindProperty(SupportsGet = true)]
    public LoadCase Case { get; set; } = LoadCase.Peak;

    /// <summary>The place of the tree that is looked at, by its subject.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Node { get; set; }

    /// <summary>The part template that is tried without being kept.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Try { get; set; }

    /// <summary>A current that is tried in place of a part of a usual sort, as typed.</summary>
    [BindProperty(SupportsGet = true, Name = "amps")]
    public string? TypedAmps { get; set; }

    /// <summary>The rail it is taken from.</summary>
    [BindProperty(SupportsGet = true)]
    public string? From { get; set; }

    /// <summary>The plug at which it is tried.</summary>
    [BindProperty(SupportsGet = true)]
    public string? At { get; set; }

    public SupplyReview? Supply { get; private set; }

    public TreePicture? Tree { get; private set; }

    public FeedSchools? Schools => field ??= Supply is { Supply.Input: null } supply ? Review.Feed.SchoolsFor(Graft, supply) : null;

    /// <summary>What is tried, and what the chain says to it; null when nothing is.</summary>
    public Candidate? Tried => field ??= TriedEdit is { } edit ? Candidate.Try(Review.Feed, edit.Apply(Graft), edit.Template.Name) : null;

    // On the supply that is looked at, whichever there are.
    private AddTriedPart? TriedEdit
        => Supply is { } supply && Thing is var (template, draws)
        ? new AddTriedPart(template, draws, supply.Supply.Id, string.IsNullOrEmpty(At) ? null : At)
        : null;

    // What is tried: a usual sort with its own draws, or anything with a typed current.
    private (PartTemplate Template, ValueList<Draw> Draws)? Thing
    {
        get
        {
            if (PartTemplate.Find(Try ?? "") is { } usual) return (usual, TemplatePart.Draws(usual));
            if (string.IsNullOrWhiteSpace(TypedAmps) || ModelState.NotNegative("amps", TypedAmps, "the current", "A") is not { } amps) return null;
            var rail = Supply?.Supply.Rails.FirstOrDefault(each => each.Name == From) ?? Supply?.Supply.Rails.FirstOrDefault();
            var current = Spread<Amps>.Exactly(new Amps(amps));
            return rail is null
                ? null
                : (new PartTemplate("typed", $"Something that takes {current} of {rail.Name}", PartKind.Other, "", "", Evidence.Assumed),
                [new Draw(rail.Name, current, current, current, Evidence.Assumed)]);
        }
    }

    /// <summary>Sorts of parts worth trying.</summary>
    public static IEnumerable<PartTemplate> Candidates
        => PartTemplate.All.Where(template => template.Draws is { Count: > 0 } && template.Kind is PartKind.Card or PartKind.Drive or PartKind.Fan);

    /// <summary>The limits at the place that is looked at, with their supplies.</summary>
    public IEnumerable<(SupplyReview Supply, FeedLimit Limit)> ChosenLimits => SubjectText.Read(Node) is { } place ? Review.Feed.LimitsAt(place) : [];

    /// <summary>The room left on each rail, and at each free plug.</summary>
    public IEnumerable<(string Place, RoomLeft Room)> Rooms => Supply is { } supply ? RoomLeft.Everywhere(Graft, Review.Feed, supply) : [];

    public FeedPicture? Picture { get; private set; }

    /// <summary>Every draw from the supply, with the name of the part it belongs to.</summary>
    public IReadOnlyList<(Load Load, Draw Draw, string Part)> Draws { get; private set; } = [];

    public static string Figure(Amps amps) => amps.Value.ToString(CultureInfo.InvariantCulture);

    /// <summary>Which draw a refused form was about, so that what was typed stands in its row.</summary>
    public bool IsRefused(Load load, Draw draw)
        => !ModelState.IsValid && Request.HasFormContentType && Request.Form["load"] == load.Id && Request.Form["rail"] == draw.Rail;

    public async Task<IActionResult> OnPostDrawAsync(string load, string rail, string? low, string? likely, string? high, Evidence evidence, string? place)
        => ModelState.Currents(low, likely, high) is { } currents
            ? await SaveAsync(new SetDraw(load, rail, Case, currents, evidence, place is null ? null : LoadPlace.Parse(place)))
            : await InvalidAsync();

    public Task<IActionResult> OnPostTrustAsync(FeedSchool school) => SaveAsync(new TrustSchool(school));

    public async Task<IActionResult> OnPostJudgeAsync(string? cardTotal, string? headroom)
    {
        var total = string.IsNullOrWhiteSpace(cardTotal) ? null : ModelState.NotNegative("cardTotal", cardTotal, "the total", "W");
        if (ModelState.NotNegative("headroom", headroom, "the headroom", "%") is not { } above || above > 200)
        {
            if (ModelState.IsValid) ModelState.AddModelError("headroom", "Headroom is a figure from 0 to 200 %.");
            return await InvalidAsync();
        }

        return await SaveAsync(new SetHeadroom(total is { } watts ? new Watts(watts) : null, above / 100));
    }

    public async Task<IActionResult> OnPostFactsAsync(EfficiencyClass? efficiency, string? age, bool hot, string? input)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        var years = string.IsNullOrWhiteSpace(age) ? null : ModelState.NotNegative("age", age, "the age", "years");
        if (years > 100) ModelState.AddModelError("age", "A supply is at most 100 years old.");
        return await SaveAsync(
            new DescribeSupply(shown.Supply.Id, efficiency, years, hot,
            input?.Split('|') is [var upstream, var rail] ? new SupplyInput(upstream, rail) : null));
    }

    public async Task<IActionResult> OnPostAddLeadAsync(string? leadName, string? awg, string? wires, string? leadMm, string? connector, string? count)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        var length = string.IsNullOrWhiteSpace(leadMm) ? null : ModelState.NotNegative("plugs", leadMm, "the length", "mm");
        var (gauge, each, plugs) = (
            ModelState.OptionalCount("plugs", awg, "gauge") ?? 18, ModelState.OptionalCount("plugs", wires, "wires") ?? 1,
            ModelState.OptionalCount("plugs", count, "plugs") ?? 1);
        if (string.IsNullOrWhiteSpace(leadName) || ConnectorTypes.Find(connector ?? "") is not { } type || gauge is < 10 or > 30 || plugs is < 1 or > 32
            || each is < 1 or > 16)
        {
            if (ModelState.IsValid)
                ModelState.AddModelError("plugs", "Give the lead a name, a gauge from 10 to 30 AWG, 1 to 16 wires each, and 1 to 32 plugs.");
            return await InvalidAsync();
        }

        return await SaveAsync(new AddLead(shown.Supply.Id, new SupplyString("", leadName.Trim())
        {
            Awg = gauge,
            WiresEach = each,
            Length = length is { } millimetres ? new Millimetres(millimetres) : null,
            Plugs = [.. Enumerable.Range(1, plugs).Select(number => new SupplyPlug($"plug-{number}", type))],
        }));
    }

    public async Task<IActionResult> OnPostRemoveLeadAsync(string lead)
        => await LoadAsync() && Supply is { } shown ? await SaveAsync(new RemoveLead(shown.Supply.Id, lead)) : NotFound();

    public async Task<IActionResult> OnPostKeepTriedAsync()
    {
        if (!await LoadAsync() || TriedEdit is not { } edit) return NotFound();
        (Try, TypedAmps) = (null, null);
        return await SaveAsync(edit);
    }

    public Task<IActionResult> OnPostRemoveDrawAsync(string load, string rail) => SaveAsync(new RemoveDraw(load, rail));

    public async Task<IActionResult> OnPostAddDrawAsync(string? part, string? rail, string? low, string? likely, string? high, Evidence evidence)
    {
        if (!await LoadAsync()) return NotFound();
        var currents = ModelState.Currents(low, likely, high);
        if (Graft.FindPart(part ?? "") is not { } fed) ModelState.AddModelError("part", "Choose the part that draws the current.");
        else if (Signal.Parse(rail ?? "") is not { Family: SignalFamily.Supply } output)
            ModelState.AddModelError("rail", $"“{rail}” is not a rail. Type one such as +12 V.");
        else if (Supply is { } supply && currents is { } amps)
        {
            if (Draws.Any(row => row.Load.Part == fed.Id && row.Draw.Rail == output.Name))
                ModelState.AddModelError("rail", $"{fed.Name} already draws from {output}; change that row instead.");
            else return await SaveAsync(new AddDraw(fed.Id, supply.Supply.Id, output.Name, amps, evidence));
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

        return await SaveAsync(new AddSupply(name.Trim(), label));
    }

    protected override void OnShown()
    {
        Supply = Review.Feed.Supplies.FirstOrDefault(found => found.Supply.Id == SupplyId) ?? Review.Feed.Supplies.FirstOrDefault();
        if (Supply is null) return;
        Picture = new FeedPicture(Supply, Case);
        Tree = new TreePicture(FeedTree.Of(Graft, Review.Feed, Case), Case);
        Draws = [.. from load in Graft.Loads
                    where load.Supply == Supply.Supply.Id
                    from draw in load.Draws
                    select (load, draw, Graft.FindPart(load.Part)?.Name ?? load.Part)];
    }
}
