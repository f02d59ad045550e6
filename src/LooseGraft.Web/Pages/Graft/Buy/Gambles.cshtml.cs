using LooseGraft.Core;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Gambles;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What may not do and is cheap, held against what does and is dear.</summary>
public sealed class GamblesModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>The key of the need that is looked at.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Want { get; set; }

    /// <summary>Which of the plans is drawn, the cheapest on average 0; none for the one that is recommended.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Plan { get; set; }

    /// <summary>The plan that is drawn.</summary>
    public int Drawn => int.TryParse(Plan, out var asked) && asked >= 0 && asked < Card!.Plans.Count ? asked : Card!.Advised;

    /// <summary>The needs for which something is offered that may not do, and nothing of it can burn.</summary>
    public IReadOnlyList<NeedLine> Lines { get; private set; } = [];

    /// <summary>Those for which such a thing is offered, and it could burn.</summary>
    public IReadOnlyList<NeedLine> Dangerous { get; private set; } = [];

    /// <summary>Those of which only the builder knows whether power hangs on them, and has not said.</summary>
    public IReadOnlyList<NeedLine> Unsaid { get; private set; } = [];

    /// <summary>The need that is looked at; null where there is none.</summary>
    public NeedLine? Line => Lines.FirstOrDefault(line => line.Need.Key == Want) ?? (Want is null ? Lines.FirstOrDefault() : null);

    /// <summary>A seller whose parcel is chosen and is not in the sum, because nobody said what its currency is worth; null for none.</summary>
    public Seller? WithoutRate => Review.Buy.Basket.Value.Sacks.FirstOrDefault(sack => sack.Rate is null)?.Seller;

    /// <summary>What stands against what for it.</summary>
    public GambleCard? Card { get; private set; }

    /// <summary>Says how likely an offer does, and what it sells for again.</summary>
    public async Task<IActionResult> OnPostOddsAsync(string? offer, string? chance, string? resale)
    {
        if (!await LoadAsync()) return NotFound();
        if (Graft.Buying.FindOffer(offer ?? "") is not { } found) return await GoneAsync();
        return await SaveAsync(new SetOdds(found.Id, Share("chance", chance, "how likely it does"), Share("resale", resale, "what it sells for again")));

        int? Share(string field, string? text, string what) => ModelState.Whole(field, text?.TrimEnd('%', ' '), FitChance.Certain, what);
    }

    /// <summary>Says that no power hangs on what meets a need, or takes that back.</summary>
    public async Task<IActionResult> OnPostNoPowerAsync(string? key, bool so)
    {
        if (!await LoadAsync()) return NotFound();
        if (Unsaid.Concat(Lines).FirstOrDefault(line => line.Need.Key == key) is not { } found) return await GoneAsync();
        return await SaveAsync(new SayNoPower(found.Need.Key, found.Need.Words, so));
    }

    /// <summary>Puts one of what is compared into the basket, in place of the others.</summary>
    public async Task<IActionResult> OnPostTakeAsync(string? offer)
    {
        if (!await LoadAsync()) return NotFound();
        if (Card?.Offers.FirstOrDefault(each => each.Offer.Id == offer) is not { } found) return await GoneAsync();
        var edit = ChooseInstead.For(Graft, Review.Buy.Basket.Value, Line!.Need, found.Offer, found.Packs);
        ModelState.RoomInBasket(edit.Apply(Graft));
        return await SaveAsync(edit);
    }

    protected override void OnShown()
    {
        var buy = Review.Buy;
        var lines = buy.Basket.Value.Lines.Where(line => line.Wanted > 0).ToArray();
        var offers = OfferMatches.Of(Graft, lines.Select(line => line.Need));
        var doubted = lines.Where(line => offers[line.Need.Key].Any(match => GambleTable.IsDoubted(match.Offer, match.Fit)))
            .ToLookup(line => GambleHazard.MayGamble(line.Need, Graft));
        // First those where something stands against the gamble.
        Lines = [.. doubted[true].OrderByDescending(
            line => offers[line.Need.Key].Any(match => GambleTable.ChanceOf(match.Offer, match.Fit) == FitChance.Certain))];
        Unsaid = [.. doubted[false].Where(line => GambleHazard.AsksBuilder(line.Need, Graft))];
        Dangerous = [.. doubted[false].Except(Unsaid).Where(line => offers[line.Need.Key].Any(match => match.Fit == FitGrade.ProveFirst))];
        Card = Line is { } shown && GambleTable.Of(Review.Graft, shown, buy.Basket.Value, buy.Money) is { } table
            ? new GambleCard(table, Graft.Currency) : null;
    }

    private async Task<IActionResult> GoneAsync()
    {
        ModelState.AddModelError("", "That is not needed or offered any more: a decision changed meanwhile. Here is how it stands now.");
        return await InvalidAsync();
    }
}
