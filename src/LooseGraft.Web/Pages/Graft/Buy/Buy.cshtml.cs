using LooseGraft.Core;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Gambles;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What is needed, what there is for it, and what it comes to.</summary>
public sealed class BuyModel(GraftStore store, ReviewDesk reviews, ChoiceDesk choices) : ChoicePageModel(store, reviews, choices)
{
    private const int LongestReason = 400;

    private ILookup<string, OfferMatch>? _matches;

    /// <summary>The needs in the groups in which they are looked at.</summary>
    public IReadOnlyList<NeedGroup> Groups { get; private set; } = [];

    public Core.Buy.Basket Basket => Review.Buy.Basket.Value;

    /// <summary>What is said of everything together, beside what stands at its own place.</summary>
    public IEnumerable<Finding> OfWhole => Review.At(Core.Findings.Stage.Buy).Where(finding => finding.Subject == Core.Findings.Subjects.Subject.Whole);

    /// <summary>What usual prices make of all that has no offer yet, in euros; null where nothing of it has a usual price.</summary>
    public (Core.Quantities.PriceSpan Price, int Unknown) Missing => NeedGroup.Missing(Basket.Lines);

    /// <summary>How many orders are on the way.</summary>
    public int Awaited => Review.Buy.Orders.Orders.Count(order => !order.IsOver);

    /// <summary>The offers that could serve a need.</summary>
    public IEnumerable<OfferMatch> OffersFor(Need need) => (_matches ??= OfferMatches.Of(Graft, Basket.Lines.Select(line => line.Need)))[need.Key];

    /// <summary>Whether something is offered for a need that may not do, and does no worse than cost money.</summary>
    public bool IsGamble(NeedLine line)
        => (GambleHazard.MayGamble(line.Need, Review.Graft) || GambleHazard.AsksBuilder(line.Need, Review.Graft))
            && OffersFor(line.Need).Any(match => GambleTable.IsDoubted(match.Offer, match.Fit));

    /// <summary>What lies free in the bin and will do for a need.</summary>
    public IEnumerable<OwnedThing> BinFor(Need need) => BinFit.For(need, Review.Around);

    public async Task<IActionResult> OnPostMarkAsync(string? key, string? said, string? reason)
    {
        if (!await LoadAsync()) return NotFound();
        if (Basket.Lines.FirstOrDefault(line => line.Need.Key == key) is not { } line) return await GoneAsync();
        NeedMarking? marking = said switch { "there" => NeedMarking.There, "left-out" => NeedMarking.LeftOut, _ => null };
        if (marking == NeedMarking.LeftOut && reason.Trimmed() is null)
            ModelState.AddModelError($"reason-{key}", "Say why it is left out, so that you know in a month.");
        if (reason?.Length > LongestReason) ModelState.AddModelError($"reason-{key}", $"A reason has at most {LongestReason} characters.");
        return await SaveAsync(new MarkNeed(line.Need.Key, line.Need.Words, marking, reason.Trimmed()));
    }

    public async Task<IActionResult> OnPostTakeAsync(string? key, string? entry)
    {
        if (!await LoadAsync()) return NotFound();
        if (Basket.Lines.FirstOrDefault(line => line.Need.Key == key) is not { } line) return await GoneAsync();
        if (BinFor(line.Need).FirstOrDefault(thing => thing.Entry == entry) is not { } thing)
        {
            ModelState.AddModelError("", "The bin has none of that free any more.");
            return await InvalidAsync();
        }

        var count = Math.Min(thing.Free, Math.Max(1, line.Wanted));
        return await SaveAsync(new TakeForNeed(line.Need.Key, new BinClaim(thing.Entry, count), thing.Name, thing.PaidEach, thing.Currency));
    }

    public async Task<IActionResult> OnPostReturnAsync(string? key, string? entry) => await SaveAsync(new ReturnToBin(key ?? "", entry ?? ""));

    public async Task<IActionResult> OnPostChooseAsync(string? offer, string? packs)
    {
        if (!await LoadAsync()) return NotFound();
        if (Graft.Buying.FindOffer(offer ?? "") is not { } found) return await GoneAsync();
        if (!int.TryParse(packs, out var count) || count is < 0 or > GraftFileLimits.OfferPieces)
            ModelState.AddModelError("", $"“{packs}” is no number of packs; type a whole number, 0 for none.");
        else if (count > 0 && Graft.Buying.Basket.All(line => line.Offer != found.Id) && Graft.Buying.Basket.Length >= GraftFileLimits.Chosen)
            ModelState.AddModelError("", $"At most {GraftFileLimits.Chosen} offers are chosen at once. Take one out first.");
        return await SaveAsync(new ChooseOffer(found.Id, count));
    }

    public async Task<IActionResult> OnPostOrderAsync(string? seller, string? number, string? day)
    {
        if (!await LoadAsync()) return NotFound();
        if (Basket.Sacks.FirstOrDefault(sack => sack.Seller.Id == seller) is not { } sack) return await GoneAsync();
        var key = $"order-{sack.Seller.Id}";
        var on = ModelState.OptionalDay(key, day) ?? Today;
        if (on > Today) ModelState.AddModelError(key, $"{on:yyyy-MM-dd} is still to come; write an order down when it is made.");
        if (number?.Length > GraftFileLimits.NameLength) ModelState.AddModelError(key, $"A number has at most {GraftFileLimits.NameLength} characters.");
        var order = Ordering.Of(sack, on, number.Trimmed());
        if (order is null) ModelState.AddModelError(key, $"Say first what 1 {sack.Seller.Currency} is worth in {Graft.Currency}: it is what the order costs.");
        return order is null ? await InvalidAsync() : await SaveAsync(new PlaceOrder(order));
    }

    public async Task<IActionResult> OnPostAddAsync(string? ware, string? count, string? note)
    {
        var read = WareText.Read(ware ?? "");
        if (read is null) ModelState.AddModelError("ware", string.IsNullOrWhiteSpace(ware) ? $"Write {WareText.Allowed}." : $"“{ware}” says no sort of thing. Write {WareText.Allowed}.");
        var pieces = ModelState.OptionalCount("count", count, "pieces") ?? 1;
        if (pieces > GraftFileLimits.OfferPieces) ModelState.AddModelError("count", $"At most {GraftFileLimits.OfferPieces} of one thing.");
        if (note?.Length > LongestReason) ModelState.AddModelError("note", $"A note has at most {LongestReason} characters.");
        return ModelState.IsValid ? await SaveAsync(new AddNeed(read!, pieces, note.Trimmed())) : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostRemoveAsync(string? own) => await SaveAsync(new RemoveNeed(own ?? ""));

    public async Task<IActionResult> OnPostWishAsync(string? day)
    {
        var wished = ModelState.OptionalDay("day", day);
        return ModelState.IsValid ? await SaveAsync(new WishBy(wished)) : await InvalidAsync();
    }

    protected override void OnShown() => (Groups, _matches) = (NeedGroup.Of(Basket.Lines), null);

    private async Task<IActionResult> GoneAsync()
    {
        ModelState.AddModelError("", "That is not needed or offered any more: a decision changed meanwhile. Here is how it stands now.");
        return await InvalidAsync();
    }
}
