using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using LooseGraft.Core.Feed.Schools;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
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
    public Candidate? Tried => field ??= Supply is not null && Thing is { } thing ? Candidate.Try(Review.Feed, WithTried(Graft, thing.Template, thing.Draws), thing.Template.Name) : null;

    // What is tried: a usual sort with its own draws, or anything with a typed current.
    private (PartTemplate Template, ValueList<Draw> Draws)? Thing
    {
        get
        {
            if (PartTemplate.Find(Try ?? "") is { } usual) return (usual, TemplatePart.Draws(usual));
            if (string.IsNullOrWhiteSpace(TypedAmps) || ModelState.NotNegative("amps", TypedAmps, "the current", "A") is not { } amps) return null;
            var rail = Supply?.Supply.Rails.FirstOrDefault(each => each.Name == From) ?? Supply?.Supply.Rails.FirstOrDefault();
            var current = Spread<Amps>.Exactly(new Amps(amps));
            return rail is null ? null : (new PartTemplate("typed", $"Something that takes {current} of {rail.Name}", PartKind.Other, "", "", Evidence.Assumed), [new Draw(rail.Name, current, current, current, Evidence.Assumed)]);
        }
    }

    /// <summary>Sorts of parts worth trying.</summary>
    public static IEnumerable<PartTemplate> Candidates => PartTemplate.All.Where(template => template.Draws is { Count: > 0 } && template.Kind is PartKind.Card or PartKind.Drive or PartKind.Fan);

    /// <summary>The limits at the place that is looked at, with their supplies.</summary>
    public IReadOnlyList<(SupplyReview Supply, FeedLimit Limit)> ChosenLimits
        => Node is null ? [] : [.. Review.Feed.Supplies.SelectMany(supply => supply.Limits.Where(limit => limit.Subject.Text == Node || (Node == SubjectPath.Supply(supply.Supply.Id).Text && limit.Kind is FeedLimitKind.Total or FeedLimitKind.Combined)).Select(limit => (supply, limit)))];

    /// <summary>The room left on each rail, and at each free plug.</summary>
    public IEnumerable<(string Place, RoomLeft Room)> Rooms
        => Supply is not { } supply ? [] : supply.Supply.Rails.Select(rail => ($"{rail.Name} of {supply.Name}", RoomLeft.At(Review.Feed, supply.Supply, rail.Name)))
            .Concat(from plug in Review.Feed.Plugs.Free
                    where plug.Supply == supply.Supply.Id
                    from rail in supply.Supply.Rails
                    where plug.Type.Pinout.Contains(rail.Name)
                    select ($"{rail.Name} at {plug.Name}, a free {plug.Type.Name}", RoomLeft.At(Review.Feed, supply.Supply, rail.Name, plug.Name)))
            .Concat(from fed in supply.Flows.Where(flow => flow.Through is not null).DistinctBy(flow => (flow.Through, flow.Rail))
                    select ($"{fed.Rail} out of {Graft.FindPort(fed.Through!.Value)?.Name}", RoomLeft.At(Review.Feed, supply.Supply, fed.Rail, fed.Plug, fed.Through)));

    public FeedPicture? Picture { get; private set; }

    /// <summary>Every draw from the supply, with the name of the part it belongs to.</summary>
    public IReadOnlyList<(Load Load, Draw Draw, string Part)> Draws { get; private set; } = [];

    /// <summary>Where a load may hang: on plugs of the supply, or on ports of other parts that give power on.</summary>
    public IEnumerable<(string Value, string Words)> PlacesFor(Load load)
        => (from lead in Supply!.Supply.Strings from plug in lead.Plugs select ($"plug|{lead.Id}/{plug.Id}", $"{plug.Id} of {lead.Name}"))
            .Concat(from part in Graft.Parts
                    where part.Kind == PartKind.Board && part.Id != load.Part
                    from port in part.Ports
                    where port.AllPins().Any(pin => load.Draws.Any(draw => draw.Rail == pin.Signal.Value.Name))
                    select ($"port|{part.Id}/{port.Id}", $"{port.Name} of {part.Name}"));

    public static string Figure(Amps amps) => amps.Value.ToString(CultureInfo.InvariantCulture);

    /// <summary>Which draw a refused form was about, so that what was typed stands in its row.</summary>
    public bool IsRefused(Load load, Draw draw)
        => !ModelState.IsValid && Request.HasFormContentType && Request.Form["load"] == load.Id && Request.Form["rail"] == draw.Rail;

    public async Task<IActionResult> OnPostDrawAsync(string load, string rail, string? low, string? likely, string? high, Evidence evidence, string? place)
    {
        if (ModelState.Currents(low, likely, high) is not { } currents) return await InvalidAsync();
        var (loadCase, plug, through) = (Case, Place("plug", place), Place("port", place));
        return await SaveAsync(new Edit(
            $"{load}, {rail} at {loadCase.ToString().ToLowerInvariant()}: {currents}, {evidence.Words()}",
            graft => graft.WithDraw(load, rail, draw => FeedStage.Current(draw, loadCase) == currents ? draw with { Evidence = evidence } : Changed(draw, loadCase, currents) with { Evidence = evidence }) is var drawn && place is null
                ? drawn
                : drawn with { Loads = [.. drawn.Loads.Select(found => found.Id == load ? found with { Plug = plug, Through = through is null ? null : PortId.Parse(through) } : found)] },
            graft => graft.Loads.FirstOrDefault(found => found.Id == load)?.Draws.FirstOrDefault(draw => draw.Rail == rail) is { } draw
                ? $"{load}, {rail} at {loadCase.ToString().ToLowerInvariant()}: {FeedStage.Current(draw, loadCase)}, {draw.Evidence.Words()}"
                : "this draw is not there any more"));
    }

    public async Task<IActionResult> OnPostTrustAsync(FeedSchool school)
        => await SaveAsync(new Edit($"Trusts the school: {school.Words()}", graft => graft with { TrustedSchool = school }, graft => graft.TrustedSchool?.Words() ?? "none chosen"));

    public async Task<IActionResult> OnPostJudgeAsync(string? cardTotal, string? headroom)
    {
        var total = string.IsNullOrWhiteSpace(cardTotal) ? null : ModelState.NotNegative("cardTotal", cardTotal, "the total", "W");
        if (ModelState.NotNegative("headroom", headroom, "the headroom", "%") is not { } above || above > 200)
        {
            if (ModelState.IsValid) ModelState.AddModelError("headroom", "Headroom is a figure from 0 to 200 %.");
            return await InvalidAsync();
        }

        return await SaveAsync(new Edit($"The card's maker recommends {(total is { } watts ? $"{watts} W" : "nothing")}, headroom {above} %",
            graft => graft with { CardTotal = total is { } watts ? new Known<Watts>(new Watts(watts), Evidence.Document) : null, Headroom = above / 100 },
            graft => $"{graft.CardTotal?.Value.ToString() ?? "nothing"}, {100 * graft.Headroom:0} %"));
    }

    public async Task<IActionResult> OnPostFactsAsync(EfficiencyClass? efficiency, string? age, bool hot, string? input)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        var years = string.IsNullOrWhiteSpace(age) ? null : ModelState.NotNegative("age", age, "the age", "years");
        if (years > 100) ModelState.AddModelError("age", "A supply is at most 100 years old.");
        var id = shown.Supply.Id;
        var fedBy = input?.Split('|') is [var upstream, var rail] ? new SupplyInput(upstream, rail) { Plug = shown.Supply.Input is { } old && old.Supply == upstream ? old.Plug : null } : null;
        return await SaveAsync(new Edit($"{shown.Name}: {efficiency?.ToString().ToLowerInvariant() ?? "no class"}{(years is { } old_ ? $", {old_} years old" : "")}{(hot ? ", hot" : "")}{(fedBy is null ? "" : $", hangs on {fedBy.Supply}")}",
            graft => graft.WithSupply(id, supply => supply with { Class = efficiency, AgeYears = years, RunsHot = hot, Input = fedBy }),
            graft => graft.Supplies.FirstOrDefault(supply => supply.Id == id) is { } supply ? $"{supply.Class}, {supply.AgeYears} years" : "this supply is not there any more"));
    }

    public async Task<IActionResult> OnPostAddLeadAsync(string? leadName, string? awg, string? wires, string? leadMm, string? connector, string? count)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        var length = string.IsNullOrWhiteSpace(leadMm) ? null : ModelState.NotNegative("plugs", leadMm, "the length", "mm");
        var (gauge, each, plugs) = (ModelState.OptionalCount("plugs", awg, "gauge") ?? 18, ModelState.OptionalCount("plugs", wires, "wires") ?? 1, ModelState.OptionalCount("plugs", count, "plugs") ?? 1);
        if (string.IsNullOrWhiteSpace(leadName) || ConnectorTypes.Find(connector ?? "") is not { } type || gauge is < 10 or > 30 || plugs is < 1 or > 32 || each is < 1 or > 16)
        {
            if (ModelState.IsValid) ModelState.AddModelError("plugs", "Give the lead a name, a gauge from 10 to 30 AWG, 1 to 16 wires each, and 1 to 32 plugs.");
            return await InvalidAsync();
        }

        var (id, name) = (shown.Supply.Id, leadName.Trim());
        return await SaveAsync(new Edit($"{shown.Name}: {name} with {plugs} plugs", graft => graft.WithSupply(id, supply => supply with
        {
            Strings = supply.Strings.Add(new SupplyString(GraftEdits.FreshId(name, supply.Strings.Select(lead => lead.Id)), name)
            {
                Awg = gauge,
                WiresEach = each,
                Length = length is { } millimetres ? new Millimetres(millimetres) : null,
                Plugs = [.. Enumerable.Range(1, plugs).Select(number => new SupplyPlug($"plug-{number}", type))],
            }),
        }), graft => $"{graft.Supplies.FirstOrDefault(supply => supply.Id == id)?.Strings.Length ?? 0} leads"));
    }

    public async Task<IActionResult> OnPostRemoveLeadAsync(string lead)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        var id = shown.Supply.Id;
        bool IsOn(string? plug) => plug?.StartsWith(lead + "/", StringComparison.Ordinal) == true;
        return await SaveAsync(new Edit($"{shown.Name}: {lead} taken out", graft => graft.WithSupply(id, supply => supply with { Strings = supply.Strings.RemoveAll(each => each.Id == lead) }) with
        {
            Loads = [.. graft.Loads.Select(load => load.Supply == id && IsOn(load.Plug) ? load with { Plug = null } : load)],
            Supplies = [.. graft.Supplies.Select(supply => supply.Input is { } input && input.Supply == id && IsOn(input.Plug) ? supply with { Input = input with { Plug = null } } : supply)
                .Select(supply => supply.Id == id ? supply with { Strings = supply.Strings.RemoveAll(each => each.Id == lead) } : supply)],
        }, graft => $"{graft.Supplies.FirstOrDefault(supply => supply.Id == id)?.Strings.Length ?? 0} leads"));
    }

    public async Task<IActionResult> OnPostKeepTriedAsync()
    {
        if (!await LoadAsync() || Supply is null || Thing is not { } thing) return NotFound();
        var edit = new Edit($"{thing.Template.Name} added, after a what-if", graft => WithTried(graft, thing.Template, thing.Draws), graft => $"{graft.Parts.Length} parts");
        (Try, TypedAmps) = (null, null);
        return await SaveAsync(edit);
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
        Tree = new TreePicture(FeedTree.Of(Graft, Review.Feed, Case), Case);
        Draws = [.. from load in Graft.Loads
                    where load.Supply == Supply.Supply.Id
                    from draw in load.Draws
                    select (load, draw, Graft.FindPart(load.Part)?.Name ?? load.Part)];
    }

    // “plug|drives/first” or “port|kt31/fan”: what stands behind the kind asked for.
    private static string? Place(string kind, string? place) => place?.Split('|') is [var is_, var name] && is_ == kind ? name : null;

    // On the supply that is looked at, whichever there are.
    private Graft WithTried(Graft graft, PartTemplate template, ValueList<Draw> draws)
    {
        var (supply, plug) = (Supply!.Supply.Id, string.IsNullOrEmpty(At) ? null : At);
        var with = TemplatePart.Add(graft, template, template.Name, PartOrigin.ToBuy, null);
        var part = with.Parts[^1].Id;
        return with with
        {
            Loads = [.. with.Loads.Where(load => load.Part != part), new Load(GraftEdits.FreshId(part, graft.Loads.Select(load => load.Id)), part, supply) { Draws = draws, Plug = plug }],
        };
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
        LoadCase.Start => draw with { Start = currents },
        LoadCase.Spike => draw with { Spike = currents },
        _ => draw with { Peak = currents },
    };
}
