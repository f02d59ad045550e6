using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Every choice for the whole graft that nothing beats, and what each thing costs it.</summary>
public sealed class ChoicesModel(GraftStore store, ReviewDesk reviews, ChoiceDesk choices) : ChoicePageModel(store, reviews, choices)
{
    /// <summary>Of so many open joints the ways are told.</summary>
    public const int MostOpen = 60;

    /// <summary>The key of the choice that is looked at.</summary>
    [BindProperty(SupportsGet = true, Name = "set")]
    public string? Asked { get; set; }

    /// <summary>What each thing costs the whole, as far as it is worked out.</summary>
    public Weighed<ThingPrices> Prices { get; private set; } = Weighed<ThingPrices>.NotAsked;

    /// <summary>The choice that is looked at, or the cheapest; null where there is none.</summary>
    public ChoiceCard? Shown
        => HasSources && Choice.Result is { Cheapest: { } cheapest } choice
            ? ChoiceCard.Of(choice, choice.Sets.FirstOrDefault(each => each.Key == Asked) ?? cheapest, Review.Graft) : null;

    /// <summary>The choices in order, cheapest first.</summary>
    public IEnumerable<ChoiceCard> All => Choice.Result is { } choice ? choice.Sets.Select(set => ChoiceCard.Of(choice, set, Review.Graft)) : [];

    /// <summary>The choices as a picture; null where there is nothing to see.</summary>
    public ChoicePicture? Picture => Shown is { } shown ? new ChoicePicture([.. All], shown) : null;

    /// <summary>Says of something that a way would need that it is there.</summary>
    /// <param name="key">What the need is remembered by.</param>
    public async Task<IActionResult> OnPostOwnAsync(string? key)
    {
        if (!await LoadAsync()) return NotFound();
        var needs = Choice.Result?.Open.SelectMany(ways => ways).SelectMany(open => open.Nowhere) ?? [];
        if (needs.FirstOrDefault(need => need.Key == key && need.GoBetween is null) is { } found)
            return await SaveAsync(new MarkNeed(found.Key, found.Words, NeedMarking.There, null));
        ModelState.AddModelError("", "No way of an open joint needs that any more. Here is how it stands now.");
        return await InvalidAsync();
    }

    protected override async Task OnShownAsync(CancellationToken cancellation)
    {
        await base.OnShownAsync(cancellation);
        if (HasSources && Choice.Result is not null) Prices = await Desk.PricesAsync(Snapshot, Review, cancellation);
    }
}
