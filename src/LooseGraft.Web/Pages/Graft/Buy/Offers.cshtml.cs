using LooseGraft.Core;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Sellers and what they offer: written down one by one, or brought as a table.</summary>
[RequestFormLimits(ValueLengthLimit = LargestTable, MultipartBodyLengthLimit = LargestTable)]
public sealed class OffersModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    private const int LargestTable = 4 * 1024 * 1024;
    private const decimal MostWorth = 1_000_000;
    private const int WorthDecimals = 8;

    /// <summary>Offers shown at once; whoever has more looks for them.</summary>
    public const int Shown = 100;

    /// <summary>The seller whose terms are being changed.</summary>
    [BindProperty(SupportsGet = true, Name = "seller")]
    public string? SellerId { get; set; }

    /// <summary>The offer that is being changed.</summary>
    [BindProperty(SupportsGet = true, Name = "offer")]
    public string? OfferId { get; set; }

    /// <summary>The need for which an offer is being written down.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Want { get; set; }

    /// <summary>The thing for which an offer is being written down, where nothing has been decided that needs it.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Thing { get; set; }

    /// <summary>What is looked for among the offers.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Words { get; set; }

    public Seller? Chosen => Graft.Buying.FindSeller(SellerId ?? "");

    public Offer? Changed => Graft.Buying.FindOffer(OfferId ?? "");

    public Need? Wanted => Review.Buy.Basket.Value.Lines.FirstOrDefault(line => line.Need.Key == Want)?.Need
        ?? (WareText.Read(Thing ?? "") is { } ware ? new Need(Thing!, ware, WareWords.Of(ware, Graft), [], 1) : null);

    /// <summary>What a pack for the need holds, to begin with.</summary>
    public string? WantedContents => Wanted is { } need
        ? ContentsText.Write([new OfferContent(need.Ware, need.Count)])
        : null;

    /// <summary>The offers that are looked for: every word stands somewhere in what it is called, its seller or its contents.</summary>
    public IEnumerable<Offer> Found => Graft.Buying.Offers.Where(offer => (Words ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries).All(word =>
        $"{offer.What} {Graft.Buying.FindSeller(offer.Seller)?.Name} {ContentsText.Write(offer.Contents)}".Contains(word, StringComparison.OrdinalIgnoreCase)));

    public async Task<IActionResult> OnPostSellerAsync(string? at, SellerForm terms)
    {
        if (!await LoadAsync()) return NotFound();
        var seller = terms.Read(ModelState, Graft.Buying.FindSeller(at ?? "") ?? new Seller("", "", Graft.Currency));
        if (seller.Id.Length == 0 && Graft.Buying.Sellers.Length >= GraftFileLimits.Sellers)
            ModelState.AddModelError("name", $"At most {GraftFileLimits.Sellers} sellers. Take one out first.");
        return await SaveAsync(new PutSeller(seller));
    }

    public async Task<IActionResult> OnPostRemoveSellerAsync(string? at)
    {
        SellerId = null;
        return await SaveAsync(new RemoveSeller(at ?? ""));
    }

    public async Task<IActionResult> OnPostOfferAsync(string? at, string? of, OfferForm terms, TraitsForm traits)
    {
        if (!await LoadAsync()) return NotFound();
        var name = of.Trimmed() ?? "";
        var known = Graft.Buying.Sellers.FirstOrDefault(seller => seller.Name.Equals(name, StringComparison.OrdinalIgnoreCase));
        if (name.Length is 0 or > GraftFileLimits.NameLength) ModelState.AddModelError("of", $"Write who offers it, 1 to {GraftFileLimits.NameLength} characters.");
        if (known is null && Graft.Buying.Sellers.Length >= GraftFileLimits.Sellers) ModelState.AddModelError("of", $"At most {GraftFileLimits.Sellers} sellers.");
        var seller = known ?? new Seller(GraftEdits.FreshId(name, Graft.Buying.Sellers.Select(each => each.Id)), name, Graft.Currency);
        var was = Graft.Buying.FindOffer(at ?? "");
        var offer = terms.Read(ModelState, was, seller) with { Traits = traits.Read(ModelState, was?.Traits ?? OfferTraits.None) };
        if (offer.Id.Length > 0 && known is null) ModelState.AddModelError("of", "There is no seller of that name; write a new one down with an offer of its own.");
        if (offer.Id.Length == 0 && Graft.Buying.Offers.Length >= GraftFileLimits.Offers)
            ModelState.AddModelError("what", $"At most {GraftFileLimits.Offers} offers. Take out what nothing needs.");
        return await SaveAsync(offer.Id.Length > 0 ? new PutOffer(offer) : new BringOffers([seller], [offer]));
    }

    public async Task<IActionResult> OnPostRemoveOfferAsync(string? at)
    {
        OfferId = null;
        return await SaveAsync(new RemoveOffer(at ?? ""));
    }

    public async Task<IActionResult> OnPostRateAsync(string? code, string? worth, string? on)
    {
        if (!await LoadAsync()) return NotFound();
        var currency = ModelState.Currency("code", code, "");
        if (currency == Graft.Currency) ModelState.AddModelError("code", $"{currency} is the graft's own currency, which is worth 1.");
        var figure = ModelState.Exact("worth", worth, MostWorth, WorthDecimals, $"what 1 {currency} is worth");
        if (figure == 0) ModelState.AddModelError("worth", "A currency that is worth nothing buys nothing. Leave it empty to forget the rate.");
        return await SaveAsync(new SetRate(currency, figure, ModelState.OptionalDay("on", on) ?? Today));
    }

    public async Task<IActionResult> OnPostMarketAsync()
    {
        if (!await LoadAsync()) return NotFound();
        // Each graft has a market of its own, so that two of them do not wait for the same shelf.
        var market = PracticeMarket.On(Id, Today);
        var news = market.Offers.Count(offer => Graft.Buying.FindOffer(offer.Id) is null);
        if (Graft.Buying.Offers.Length + news > GraftFileLimits.Offers || Graft.Buying.Sellers.Length + market.Sellers.Length > GraftFileLimits.Sellers)
            ModelState.AddModelError("market", "There is no room for so many offers and sellers more. Take out what nothing needs.");
        return await SaveAsync(new BringOffers(market.Sellers, market.Offers) { AreKnownById = true });
    }

    public async Task<IActionResult> OnPostBringAsync(IFormFile? file, string? pasted)
    {
        if (!await LoadAsync()) return NotFound();
        return await OfferUpload.ReadAsync(ModelState, Graft, file, pasted, HttpContext.RequestAborted) is { } edit
            ? await SaveAsync(edit) : await InvalidAsync();
    }
}
