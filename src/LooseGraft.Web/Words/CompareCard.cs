using System.Globalization;
using LooseGraft.Core.Buy.Comparing;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Words;

/// <summary>Offers of one kind held against each other, as they are told in words.</summary>
/// <param name="Comparison">The offers.</param>
/// <param name="Currency">The currency of the graft.</param>
public sealed record CompareCard(Comparison Comparison, string Currency)
{
    /// <summary>The rows of which something is known.</summary>
    public IReadOnlyList<CompareRow> Rows => [.. All.Where(row => row.IsKnown)];

    /// <summary>What nobody said of any of them.</summary>
    public IEnumerable<string> Unknown => All.Where(row => !row.IsKnown).Select(row => row.Name.ToLowerInvariant());

    /// <summary>What an offer is called: by its seller as well, where another is called the same.</summary>
    public string Called(ComparedOffer offer)
        => Comparison.Offers.Count(each => each.Match.Offer.What == offer.Match.Offer.What) > 1
            ? $"{offer.Match.Offer.What} of {offer.Match.Seller.Name}" : offer.Match.Offer.What;

    private IEnumerable<CompareRow> All
    {
        get
        {
            yield return Row("In a parcel of its own", Price, offer => offer.Price?.Amount, "the cheapest");
            yield return Row("Days", Days, offer => offer.Match.Seller.Days?.To, "the soonest");
            yield return Row("State and fit", State);
            yield return Row("Warranty", Warranty, offer => -offer.Traits.WarrantyYears, "the longest");
            yield return Row("Noise", Noise, offer => offer.Traits.Noise, "the quietest");
            yield return Row("Depth", Depth);
            if (Comparison.Supply is null) yield break;
            yield return Row("Gives in all", Gives);
            yield return Row("Plugs", Plugs);
            yield return Row("At the wall", Wall, offer => offer.Year?.Likely.Amount ?? (decimal?)offer.Wall?.Likely.Value, "the thriftiest");
        }
    }

    // The best is told only where the others are known and not all alike.
    private CompareRow Row(string name, Func<ComparedOffer, CompareCell> cell, Func<ComparedOffer, decimal?>? cost = null, string? best = null)
    {
        var costs = Comparison.Offers.Select(offer => cost?.Invoke(offer)).ToArray();
        var (least, differs) = (costs.Min(), costs.Where(each => each is not null).Distinct().Count() > 1);
        return new CompareRow(name, [.. Comparison.Offers.Zip(costs, (offer, each) => cell(offer) with { Best = differs && each == least ? best : null })]);
    }

    private CompareCell Price(ComparedOffer offer)
    {
        var (match, postage) = (offer.Match, offer.Match.Seller.Postage is null ? "postage: nobody said" : "with postage");
        var goods = $"{(match.Packs > 1 ? $"{match.Packs} packs, each " : "")}{match.Offer.Price.In(match.Seller.Currency)} at {match.Seller.Name}, {postage}";
        return offer.Price is { } price ? new CompareCell(Amount(price), goods)
            : new CompareCell(match.Offer.Price.In(match.Seller.Currency), $"nobody said what 1 {match.Seller.Currency} is worth", goods) { Shape = "check" };
    }

    private static CompareCell Days(ComparedOffer offer) => new(offer.Match.Seller.Days?.ToString());

    private static CompareCell State(ComparedOffer offer)
    {
        var back = offer.Match.Seller.TakesBack switch { true => "taken back", false => "not taken back", _ => "taken back? nobody said" };
        var condition = offer.Match.Offer.Condition;
        return new CompareCell(condition.ToString().ToLowerInvariant(), $"that it fits: {offer.Match.Offer.Fit.Words()}", back)
        {
            Shape = condition is WareCondition.Untested or WareCondition.Broken ? "check" : null,
        };
    }

    private CompareCell Warranty(ComparedOffer offer)
    {
        if (offer.Traits.WarrantyYears is not { } years) return CompareCell.Unknown;
        var more = new List<string>();
        if (offer.WarrantyYear is { } each) more.Add($"{Amount(each)} for each year of it");
        if (Comparison.Cheapest is { } cheapest && offer.WarrantyYearOver(cheapest) is { } over) more.Add($"each year more than the cheapest has costs {Amount(over)}");
        return new CompareCell(years == 0 ? "none" : $"{Figure(years)} {(years == 1 ? "year" : "years")}", more);
    }

    private static CompareCell Noise(ComparedOffer offer) => new(offer.Traits.Noise is { } noise ? $"{Figure(noise)} dB(A)" : null);

    private static CompareCell Depth(ComparedOffer offer)
    {
        if (offer.Traits.Depth is not { } depth) return CompareCell.Unknown;
        if (offer.Depth is not { } fit) return new CompareCell($"{depth}", "no box in Seat stands for it yet");
        var box = string.Create(CultureInfo.InvariantCulture, $"{fit.Box.Area.Width:0.#} × {fit.Box.Area.Depth:0.#} mm");
        if (fit.IsWithin) return new CompareCell($"{depth}", $"within the {box} that Seat keeps for it");
        if (fit.Over <= 0) return new CompareCell($"{depth}", $"within the {box} that Seat keeps for it, along the longer side only");
        var ways = fit.Grown.Select(grown => grown.Meets.IsEmpty ? $"{grown.Way} nothing in Seat stands in its way" : $"{grown.Way} it would meet {string.Join(", ", grown.Meets.Take(3))}");
        return new CompareCell($"{depth}", [string.Create(CultureInfo.InvariantCulture, $"{fit.Over:0.#} mm deeper than the {box} that Seat keeps for it"), .. ways])
        {
            Shape = fit.Grown.Any(grown => grown.Meets.IsEmpty) ? "check" : "fix",
        };
    }

    private static CompareCell Gives(ComparedOffer offer) => offer.Traits.Total is not { } total ? CompareCell.Unknown
        : offer.Beyond is { } peak ? new CompareCell($"{total}", $"too little: up to {peak} may be asked for at peak") { Shape = "stop" }
        : new CompareCell($"{total}", "its rails are judged in Feed once it is chosen");

    private static CompareCell Plugs(ComparedOffer offer)
    {
        if (offer.Traits.Plugs.IsEmpty) return CompareCell.Unknown;
        var wrong = offer.Plugs.Where(fit => !fit.IsEnough).SelectMany(Wrong).ToArray();
        return new CompareCell($"{offer.Traits.Plugs.Sum(plug => plug.Count).Counted("plug")}",
            offer.Plugs.IsEmpty ? ["no plug is in use or wanted yet"] : wrong.Length == 0 ? ["as many and as long as are in use"] : wrong)
        {
            Shape = wrong.Length == 0 ? null : offer.Plugs.Any(fit => fit.Missing > 0 || fit.Lacks is not null) ? "fix" : "check",
        };
    }

    private static IEnumerable<string> Wrong(PlugFit fit)
    {
        if (fit.Missing > 0) yield return $"{fit.Type.Name}: {fit.Had} of {fit.Needed}";
        if (fit.Lacks is { } less) yield return string.Create(CultureInfo.InvariantCulture, $"{fit.Type.Name}: {Math.Ceiling(less):0} mm too short for its way");
        if (fit.Unmeasured > 0) yield return $"{fit.Type.Name}: nobody said whether {(fit.Unmeasured == 1 ? "it reaches" : $"{fit.Unmeasured} reach")}";
    }

    private CompareCell Wall(ComparedOffer offer)
    {
        if (offer.Wall is not { } wall) return CompareCell.Unknown;
        var watts = string.Create(CultureInfo.InvariantCulture, $"{wall.Likely.Value:0.#} W ({wall.Low.Value:0} to {wall.High.Value:0})");
        if (offer.Year is not { } year) return new CompareCell(watts);
        var more = new List<string>
        {
            string.Create(CultureInfo.InvariantCulture, $"{year.KilowattHours:0.#} kWh and {Amount(year.Likely)} a year ({Amount(year.Low)} to {Amount(year.High)})"),
        };
        if (Comparison.Cheapest is { } cheapest && offer.PaysAfter(cheapest) is { } years)
            more.Add(string.Create(CultureInfo.InvariantCulture, $"pays for what it costs more after {years:0.#} years"));
        return new CompareCell(watts, more);
    }

    private string Amount(Money money) => money.In(Currency);

    private static string Figure(decimal figure) => figure.ToString("0.##", CultureInfo.InvariantCulture);
}
