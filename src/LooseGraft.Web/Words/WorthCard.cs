using System.Globalization;
using LooseGraft.Core.Buy.Balances;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Words;

/// <summary>Whether a graft is worth it, as it is told in words.</summary>
/// <param name="Table">Going on against what could be had instead.</param>
/// <param name="Currency">The currency of the graft.</param>
public sealed record WorthCard(WorthTable Table, string Currency)
{
    /// <summary>Whether the hours are a pleasure.</summary>
    public bool IsPleasure => Table.Rate == Money.Zero;

    /// <summary>What to think of it, in a sentence or two.</summary>
    public string Advice
    {
        get
        {
            if (Table.Others.IsEmpty) return "Write down what could be had instead, and it says here what going on is worth against it.";
            var (graft, best) = (Table.Graft, Table.Others.MinBy(way => way.At(Table.Rate).Amount)!);
            var ahead = best.At(Table.Rate) - graft.At(Table.Rate);
            var counted = IsPleasure ? "with the hours as a pleasure" : $"with an hour at {Amount(Table.Rate)}";
            return ahead.Amount switch
            {
                > 0 => $"Go on: {counted}, it comes {Amount(ahead)} cheaper from here on than “{best.Name}”, the best of the others.",
                0 => $"It is even: {counted}, going on costs from here on just what “{best.Name}” does.",
                _ => $"By the money alone take “{best.Name}”: {counted}, it comes {Amount(Money.Zero - ahead)} cheaper from here on than going on.",
            };
        }
    }

    /// <summary>What would turn it against another way, in a sentence.</summary>
    public string Turns(WayBalance other)
    {
        var (saved, more) = (other.ToPay - Table.Graft.ToPay, Table.Graft.Hours - other.Hours);
        var even = Table.Graft.EvenRate(other);
        return (saved.Amount, more) switch
        {
            (0, 0) => "The same money and the same hours: only what it gives tells them apart.",
            ( > 0, > 0) => $"Going on saves {Amount(saved)} and takes {Hours(more)} more: worth it while an hour is worth less than {Rate(even)} to you.",
            ( < 0, < 0) => $"Going on costs {Amount(Money.Zero - saved)} more and takes {Hours(-more)} less: worth it while an hour is worth more than {Rate(even)} to you.",
            ( >= 0, <= 0) => $"Going on saves {Amount(saved)}{(more < 0 ? $" and {Hours(-more)}" : "")}: it would have to get {Amount(other.At(Table.Rate) - Table.Graft.At(Table.Rate))} dearer to turn.",
            _ => $"Going on costs {Amount(Money.Zero - saved)} more{(more > 0 ? $" and takes {Hours(more)} more" : "")}: it would have to get {Amount(Table.Graft.At(Table.Rate) - other.At(Table.Rate))} cheaper, or give what the other does not.",
        };
    }

    /// <summary>Whether there is anything to save by leaving it.</summary>
    public bool HasLeaving => Table.Graft.ToPay != Table.Leaving.ToPay || Table.Graft.Hours > 0;

    /// <summary>What leaving it saves, in a sentence.</summary>
    public string Leaving
        => $"Leaving it saves {Amount(Table.Graft.ToPay - Table.Leaving.ToPay)} and {Hours(Table.Graft.Hours)} from here on, and gives nothing. {Amount(Table.Gone)} are gone whichever way you take.";

    /// <summary>An amount in the currency of the graft.</summary>
    public string Amount(Money money) => money.In(Currency);

    /// <summary>So many hours.</summary>
    public static string Hours(decimal hours) => $"{hours.ToString("0.##", CultureInfo.InvariantCulture)} h";

    private string Rate(decimal? rate) => Amount(new Money(decimal.Round(rate ?? 0, 2)));
}
