using LooseGraft.Core.Buy.Balances;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Whether a graft is worth it: against what could be had instead, and what is left of it when it is sold.</summary>
public sealed class WorthModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>The other way that is being changed.</summary>
    [BindProperty(SupportsGet = true, Name = "way")]
    public string? WayId { get; set; }

    /// <summary>What the builder says of it.</summary>
    public WorthTerms Terms => Graft.Buying.Worth;

    /// <summary>The other way that is being changed; null for a new one.</summary>
    public OtherWay? Changed => Terms.OtherWays.FirstOrDefault(way => way.Id == WayId);

    /// <summary>What is left of it when it is sold or given.</summary>
    public SaleCard Sale { get; private set; } = null!;

    /// <summary>Going on against what could be had instead.</summary>
    public WorthCard Worth { get; private set; } = null!;

    /// <summary>What may be left over and is not written down: parts that others stand in the place of, and what packs hold too many of.</summary>
    public IEnumerable<string> MayBeLeft { get; private set; } = [];

    /// <summary>Says how long it takes, what an hour is worth, and what all that is here would fetch.</summary>
    public async Task<IActionResult> OnPostHoursAsync(string? done, string? coming, string? rate, string? stands)
    {
        if (!await LoadAsync()) return NotFound();
        var (worth, fetches) = (ModelState.Amount("rate", rate, Graft.Currency), ModelState.Amount("stands", stands, Graft.Currency));
        return await SaveAsync(new SetHours(Hours("done", done), Hours("coming", coming), worth, fetches));
    }

    /// <summary>Says what it may fetch, and what selling it costs.</summary>
    public async Task<IActionResult> OnPostPricesAsync(string? hoped, string? fee, string? handing)
    {
        if (!await LoadAsync()) return NotFound();
        return await SaveAsync(new SetPrices(
            ModelState.Amount("hoped", hoped, Graft.Currency), ModelState.Exact("fee", fee?.TrimEnd('%', ' '), 100, 2, "the fee") ?? 0,
            ModelState.Amount("handing", handing, Graft.Currency)));
    }

    /// <summary>Writes down what is left over.</summary>
    public async Task<IActionResult> OnPostLeftOverAsync(string? what, string? fetches)
    {
        if (!await LoadAsync()) return NotFound();
        var name = Name("what", what, "what is left over");
        if (Terms.LeftOvers.Length >= GraftFileLimits.LeftOvers) ModelState.AddModelError("what", $"At most {GraftFileLimits.LeftOvers} things. Take one out first.");
        return await SaveAsync(new PutLeftOver(new LeftOver("", name, ModelState.Amount("fetches", fetches, Graft.Currency) ?? Money.Zero)));
    }

    /// <summary>Says that something is not left over.</summary>
    public async Task<IActionResult> OnPostRemoveLeftOverAsync(string? at) => await SaveAsync(new RemoveLeftOver(at ?? ""));

    /// <summary>Writes down what could be had instead, or says anew what is known of it.</summary>
    public async Task<IActionResult> OnPostWayAsync(string? at, string? called, string? price, string? hours, string? gives)
    {
        if (!await LoadAsync()) return NotFound();
        var known = Terms.OtherWays.FirstOrDefault(way => way.Id == at);
        var name = Name("called", called, "what it is");
        var cost = ModelState.Amount("price", price, Graft.Currency);
        if (price.Trimmed() is null) ModelState.AddModelError("price", "Type all that it costs until it runs, such as 95, or 0.");
        if (gives?.Length > GraftFileLimits.NoteLength) ModelState.AddModelError("gives", $"At most {GraftFileLimits.NoteLength} characters.");
        if (known is null && Terms.OtherWays.Length >= GraftFileLimits.OtherWays)
            ModelState.AddModelError("called", $"At most {GraftFileLimits.OtherWays} others. Take one out first.");
        var way = (known ?? new OtherWay("", "", Money.Zero)) with
        {
            Name = name,
            Price = cost ?? Money.Zero,
            Hours = Hours("hours", hours) ?? 0,
            Gives = gives.Lines(),
        };
        if (ModelState.IsValid) WayId = null;
        return await SaveAsync(new PutOtherWay(way));
    }

    /// <summary>Takes out what could be had instead.</summary>
    public async Task<IActionResult> OnPostRemoveWayAsync(string? at)
    {
        WayId = null;
        return await SaveAsync(new RemoveOtherWay(at ?? ""));
    }

    protected override void OnShown()
    {
        var buy = Review.Buy;
        var items = CostItems.Of(Graft, buy.Basket.Value, buy.Orders).ToArray();
        Sale = new SaleCard(new SaleBalance([.. items.OrderByDescending(item => item.Cost.Amount)], Terms), Graft.Currency);
        Worth = new WorthCard(WorthTable.Of(Graft, items), Graft.Currency);
        var written = Terms.LeftOvers.Select(left => left.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var aside = Graft.Parts.ExceptBy(Review.Graft.Parts.Select(part => part.Id), part => part.Id).Select(part => part.Name);
        var over = buy.Basket.Value.Sacks.SelectMany(sack => sack.Lines).SelectMany(line => line.Over).Select(content => $"{content.Count} × {content.Ware}");
        MayBeLeft = [.. aside.Concat(over).Distinct().Where(name => name.Length <= GraftFileLimits.NameLength && !written.Contains(name)).Take(12)];
    }

    private decimal? Hours(string field, string? text)
        => ModelState.Exact(field, text?.TrimEnd('h', ' '), GraftFileLimits.Hours, 2, "hours");

    private string Name(string field, string? text, string what)
    {
        var name = text.Trimmed() ?? "";
        if (name.Length is 0 or > GraftFileLimits.NameLength) ModelState.AddModelError(field, $"Write {what}, 1 to {GraftFileLimits.NameLength} characters.");
        return name;
    }
}
