using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core;

/// <summary>A few made-up sellers with a catalogue, for trying things out. What it has today follows from a seed and the day alone; nobody is asked.</summary>
public static class PracticeMarket
{
    private const int DaysOfWeek = 7;

    // A price strays by up to so much a week and comes back by a fifth of how far it is off, so it is never further off than five times that.
    private const double StrayOfWeek = 0.06;
    private const double Stays = 0.8;

    // What strayed so many weeks ago moves a price by less than a cent in two euros.
    private const int WeeksRemembered = 12;

    // A seller is restocked every so many weeks, each sort of thing in its own.
    private const int LeastWeeksToRestock = 3;
    private const int MostWeeksToRestock = 6;

    /// <summary>The sellers and all that they ever have, at the usual prices and with full shelves.</summary>
    public static OfferSheet Catalogue { get; } = Load();

    /// <summary>What the market has on a day. Prices move by the week, shelves empty and are filled again.</summary>
    /// <param name="seed">Which of the many markets.</param>
    /// <param name="day">The day.</param>
    public static OfferSheet On(int seed, DateOnly day)
    {
        var week = day.DayNumber / DaysOfWeek;
        return Catalogue with
        {
            Offers = [.. Catalogue.Offers.Select(offer => offer with
            {
                Price = new Money(decimal.Round(offer.Price.Amount * (decimal)(1 + Off(seed, offer.Id, week)), 2)),
                Stock = Left(seed, offer, week),
                SeenOn = day,
            })],
        };
    }

    private static double Off(int seed, string id, int week)
        => Enumerable.Range(0, WeeksRemembered).Sum(ago => Math.Pow(Stays, ago) * StrayOfWeek * ((2 * Draw(seed, id, week - ago, "price")) - 1));

    private static int Left(int seed, Offer offer, int week)
    {
        var full = offer.Stock ?? 0;
        var every = LeastWeeksToRestock + (int)(Draw(seed, offer.Id, 0, "restock") * (MostWeeksToRestock - LeastWeeksToRestock + 1));
        // In a week up to two thirds of a full shelf are sold.
        var sold = Enumerable.Range(0, week % every).Sum(ago => (int)Math.Round(Draw(seed, offer.Id, week - ago, "sold") * full * 2 / 3));
        return Math.Max(0, full - sold);
    }

    // A figure from 0 to 1 that the same question always gets; the platform's own random numbers may differ from one version to the next.
    private static double Draw(int seed, string id, int week, string what)
    {
        var state = 14695981039346656037UL;
        foreach (var unit in $"{seed}|{id}|{week}|{what}") state = (state ^ unit) * 1099511628211UL;
        state = (state ^ (state >> 33)) * 0xFF51AFD7ED558CCDUL;
        return ((state ^ (state >> 33)) >> 11) / (double)(1UL << 53);
    }

    private static OfferSheet Load()
    {
        using var stream = typeof(PracticeMarket).Assembly.GetManifestResourceStream("Facts/market.json")
            ?? throw new InvalidOperationException("The practice market is not in the assembly.");
        using var bytes = new MemoryStream();
        stream.CopyTo(bytes);
        var (sheet, errors) = OfferFile.Read(bytes.ToArray());
        return sheet ?? throw new InvalidOperationException($"The practice market cannot be read: {errors[0]}");
    }
}
