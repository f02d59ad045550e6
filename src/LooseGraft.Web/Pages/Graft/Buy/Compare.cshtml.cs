using LooseGraft.Core.Buy.Comparing;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Two of a kind: offers for one need beside each other, beyond their price.</summary>
public sealed class CompareModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    private const int HoursOfDay = 24;

    /// <summary>The key of the need.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Want { get; set; }

    /// <summary>The needs of which there is more than one offer.</summary>
    public IReadOnlyList<NeedLine> Lines { get; private set; } = [];

    /// <summary>The need whose offers are compared; null where there is none.</summary>
    public NeedLine? Line => Lines.FirstOrDefault(line => line.Need.Key == Want) ?? (Want is null ? Lines.FirstOrDefault() : null);

    /// <summary>Its offers; null where there is no such need.</summary>
    public CompareCard? Card { get; private set; }

    /// <summary>What the builder says of the worth of it all.</summary>
    public WorthTerms Terms => Graft.Buying.Worth;

    /// <summary>Says how long a day it is on, and what electricity costs.</summary>
    public async Task<IActionResult> OnPostCurrentAsync(string? daily, string? tariff)
    {
        if (!await LoadAsync()) return NotFound();
        return await SaveAsync(new SetCurrentPrice(
            ModelState.Exact("daily", daily?.TrimEnd('h', ' '), HoursOfDay, 2, "hours a day"),
            ModelState.Exact("tariff", tariff, GraftFileLimits.Tariff, GraftFileLimits.TariffDecimals, "what a kilowatt-hour costs")));
    }

    /// <summary>Puts one of the offers into the basket, in place of the others.</summary>
    public async Task<IActionResult> OnPostTakeAsync(string? offer)
    {
        if (!await LoadAsync()) return NotFound();
        if (Card?.Comparison.Offers.FirstOrDefault(each => each.Match.Offer.Id == offer)?.Match is not { } found)
        {
            ModelState.AddModelError("", "That is not needed or offered any more: a decision changed meanwhile. Here is how it stands now.");
            return await InvalidAsync();
        }

        var edit = ChooseInstead.For(Graft, Review.Buy.Basket.Value, Line!.Need, found.Offer, found.Packs);
        ModelState.RoomInBasket(edit.Apply(Graft));
        return await SaveAsync(edit);
    }

    protected override void OnShown()
    {
        var lines = Review.Buy.Basket.Value.Lines.Where(line => line.Wanted > 0 || !line.Chosen.IsEmpty).ToArray();
        var offers = OfferMatches.Of(Graft, lines.Select(line => line.Need));
        Lines = [.. lines.Where(line => offers[line.Need.Key].Skip(1).Any())];
        Card = Line is { } shown ? new CompareCard(Comparison.Of(Review, shown), Graft.Currency) : null;
    }
}
