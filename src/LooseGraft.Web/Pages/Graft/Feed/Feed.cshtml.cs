using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Schools;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The Feed stage: what a supply gives against what is drawn from it.</summary>
public sealed partial class FeedModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>Id of the supply to look at; the first when none is asked for.</summary>
    [BindProperty(SupportsGet = true, Name = "supply")]
    public string? SupplyId { get; set; }

    /// <summary>Id of the load to look at, where no supply is asked for.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Load { get; set; }

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

    /// <summary>The place at which it is tried.</summary>
    [BindProperty(SupportsGet = true)]
    public string? At { get; set; }

    public SupplyReview? Supply { get; private set; }

    public TreePicture? Tree { get; private set; }

    public FeedSchools? Schools => field ??= Supply is { Into: null } supply ? Review.Feed.SchoolsFor(Graft, supply) : null;

    /// <summary>What is tried, and what the chain says to it; null when nothing is.</summary>
    public Candidate? Tried => field ??= TriedEdit is { } edit ? Candidate.Try(Review.Feed, edit.Apply(Graft), edit.Template.Name) : null;

    // On the supply that is looked at, whichever there are.
    private AddTriedPart? TriedEdit => Supply is { } supply ? new TryForm(Try, TypedAmps, From, At).On(supply.Supply, ModelState) : null;

    /// <summary>The room left on each rail, and at each free plug.</summary>
    public IEnumerable<(string Place, RoomLeft Room)> Rooms => Supply is { } supply ? RoomLeft.Everywhere(Graft, Review.Feed, supply) : [];

    public FeedPicture? Picture { get; private set; }

    /// <summary>Every draw from the supply, and those that no supply feeds.</summary>
    public IReadOnlyList<DrawRow> Draws { get; private set; } = [];

    /// <summary>Parts that the supply shall feed and that no joint leads to, and sockets that it could serve.</summary>
    public IEnumerable<LooseEnd> LooseEnds => LooseEnd.Of(Graft, Review.Feed).Where(IsOfSupply);

    /// <summary>Ports by which parts take power, each with its name.</summary>
    public IEnumerable<(PortId Port, string Name)> Sockets
        => from part in Graft.Parts
           from port in part.Ports
           where port.Type.Housing is Housing.Power or Housing.Barrel && port.Gender == port.Type.BoardGender
               && part.Kind is not (PartKind.Supply or PartKind.Brick)
           select (new PortId(part.Id, port.Id), $"{port.Name} of {part.Name}");

    public static string? Figure(double? value) => value?.ToString(CultureInfo.InvariantCulture);

    /// <summary>Which draw a refused form was about, so that what was typed stands in its row.</summary>
    public bool IsRefused(Load load, Draw draw)
        => !ModelState.IsValid && Request.HasFormContentType && Request.Form["load"] == load.Id && Request.Form["rail"] == draw.Rail
            && Request.Form["socket"].ToString() == (draw.Socket ?? "");

    public async Task<IActionResult> OnPostDrawAsync([Bind(Prefix = "")] DrawRowForm row)
        => await LoadAsync() && row.Read(ModelState, Graft, Case) is { } set ? await SaveAsync(set) : await InvalidAsync();

    public async Task<IActionResult> OnPostHoldAsync(string load, string? cap, bool inTurn)
    {
        var watts = string.IsNullOrWhiteSpace(cap) ? null : ModelState.NotNegative("cap", cap, "what a setting holds it to", "W");
        return ModelState.IsValid
            ? await SaveAsync(new HoldLoad(load, watts is { } held ? new Watts(held) : null, Evidence.Document, inTurn)) : await InvalidAsync();
    }

    public Task<IActionResult> OnPostTrustAsync(FeedSchool school) => SaveAsync(new TrustSchool(school));

    public async Task<IActionResult> OnPostJudgeAsync(string? cardTotal, string? headroom)
    {
        var total = string.IsNullOrWhiteSpace(cardTotal) ? null : ModelState.NotNegative("cardTotal", cardTotal, "the total", "W");
        return ModelState.Percent("headroom", headroom, "Headroom", 200) is { } above
            ? await SaveAsync(new SetHeadroom(total is { } watts ? new Watts(watts) : null, above / 100))
            : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostKeepTriedAsync()
    {
        if (!await LoadAsync() || TriedEdit is not { } edit) return NotFound();
        (Try, TypedAmps) = (null, null);
        return await SaveAsync(edit);
    }

    public Task<IActionResult> OnPostUsualAsync(string part, string? sort)
        => PartTemplate.All.FirstOrDefault(template => template.Id == sort) is { } usual
            ? SaveAsync(new TakeUsualDraws(part, usual)) : Task.FromResult<IActionResult>(NotFound());

    public Task<IActionResult> OnPostRemoveDrawAsync(string load, string rail, string? socket) => SaveAsync(new RemoveDraw(load, rail, socket));

    public async Task<IActionResult> OnPostAddDrawAsync([Bind(Prefix = "")] DrawForm draw)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        return draw.Read(ModelState, Graft, shown.Supply) is { } made ? await SaveAsync(made) : await InvalidAsync();
    }

    protected override void OnShown()
    {
        var asked = SupplyId ?? DrawRow.SupplyOf(Graft, Review.Feed, Load);
        Supply = Review.Feed.Supplies.FirstOrDefault(found => found.Supply.Id == asked) ?? Review.Feed.Supplies.FirstOrDefault();
        if (Supply is null) return;
        Picture = new FeedPicture(Supply, Case);
        Tree = new TreePicture(FeedTree.Of(Graft, Review.Feed, Case), Case);
        Draws = [.. from row in DrawRow.Of(Graft, Review.Feed) where row.Flow is null || row.Flow.Supply.Id == Supply.Supply.Id select row];
    }
}
