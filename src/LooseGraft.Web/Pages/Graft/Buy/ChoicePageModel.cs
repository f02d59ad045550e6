using LooseGraft.Core;
using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>A page that shows what could be bought for the whole graft, and takes one of the choices over.</summary>
public abstract class ChoicePageModel(GraftStore store, ReviewDesk reviews, ChoiceDesk choices) : GraftPageModel(store, reviews)
{
    /// <summary>The choices, as far as they are weighed.</summary>
    public Weighed<GraftChoice> Choice { get; private set; } = Weighed<GraftChoice>.NotAsked;

    /// <summary>Whether there is anything to choose among: an offer, or something in the bin.</summary>
    public bool HasSources => !Graft.Buying.Offers.IsEmpty || !Review.Around.Bin.IsEmpty;

    /// <summary>Whether there is anything to weigh.</summary>
    public bool IsWeighed => HasSources || !Graft.Joints.IsEmpty;

    /// <summary>The four ends as cards: one that is several of them has several names.</summary>
    public IEnumerable<ChoiceCard> Cards => !HasSources || Choice.Result is not { } choice ? [] : ChoiceCard.EndsOf(choice, Review.Graft);

    protected ChoiceDesk Desk => choices;

    /// <summary>Takes a choice over: the ways of the joints, what is bought, and what comes from the bin.</summary>
    /// <param name="set">Its key.</param>
    public async Task<IActionResult> OnPostTakeSetAsync(string? set)
    {
        if (!await LoadAsync()) return NotFound();
        if (Choice.Result?.Sets.FirstOrDefault(each => each.Key == set) is { } found)
            return await SaveAsync(TakeChoice.Of(ChoiceCard.Of(Choice.Result, found, Review.Graft).Name, found));
        ModelState.AddModelError("", "This choice is not offered any more: the graft, an offer or the bin has changed, or it is being weighed again. Look at what is offered now.");
        return await InvalidAsync();
    }

    /// <summary>Stops weighing.</summary>
    public async Task<IActionResult> OnPostStopWeighingAsync()
    {
        if (!await LoadAsync()) return NotFound();
        choices.Stop(Snapshot);
        return await ShownAgainAsync();
    }

    /// <summary>Weighs again.</summary>
    public async Task<IActionResult> OnPostWeighAsync()
    {
        if (!await LoadAsync()) return NotFound();
        choices.Begin(Snapshot);
        return await ShownAgainAsync();
    }

    protected override async Task OnShownAsync(CancellationToken cancellation)
    {
        if (IsWeighed) Choice = await choices.ChoiceAsync(Snapshot, Review, cancellation);
    }

    private async Task<IActionResult> ShownAgainAsync()
    {
        if (!Request.IsHtmx()) return Redirect(Link());
        await LoadAsync();
        return Page();
    }
}
