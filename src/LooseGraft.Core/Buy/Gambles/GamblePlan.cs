using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Gambles;

/// <summary>What is tried one after another until something does, and what is bought when nothing of it did. That one thing does is taken to say nothing of
/// the next.</summary>
/// <param name="Tries">What is tried, in order; none where what is certain is bought at once.</param>
/// <param name="Certain">What ends it.</param>
public sealed record GamblePlan(ImmutableArray<GambleTry> Tries, GambleTry Certain)
{
    /// <summary>All of it in the order in which it is bought.</summary>
    public IEnumerable<GambleTry> Steps => Tries.Append(Certain);

    /// <summary>What it costs on average, exactly; shown to the cent.</summary>
    public decimal Expected => Tries.Reverse().Aggregate(Certain.Price.Amount, (rest, each) => each.Price.Amount + (each.Fails * (rest - each.Back.Amount)));

    /// <summary>What it costs where it ends after so many tries, after what came back of those before.</summary>
    /// <param name="failed">How many did not do, 0 to all of them.</param>
    public Money EndsAt(int failed) => Tries.Take(failed).Aggregate(Steps.ElementAt(failed).Price, (sum, each) => sum + each.Lost);

    /// <summary>The most that it may cost in the end.</summary>
    public Money Worst => new(Enumerable.Range(0, Tries.Length + 1).Max(failed => EndsAt(failed).Amount));

    /// <summary>What has to be laid out when nothing of it does, before anything of it has come back: nobody knows how long selling takes.</summary>
    public Money LaidOut => Steps.Aggregate(Money.Zero, (sum, each) => sum + each.Price);

    /// <summary>How likely one of the tries does, from 0 to 1.</summary>
    public decimal Chance => 1 - Tries.Aggregate(1m, (all, each) => all * each.Fails);

    /// <summary>Days until it does: at least when the first does, at most when none does and each is ordered once the one before has come. Null where a
    /// seller says no days.</summary>
    public DaySpan? Days => Steps.Any(each => each.Seller.Days is null) ? null
        : new DaySpan(Steps.First().Seller.Days!.Value.From, Steps.Sum(each => each.Seller.Days!.Value.To));

    /// <summary>Whether two plans do the same in the same order.</summary>
    public bool IsSameAs(GamblePlan other) => Steps.Select(each => each.Offer.Id).SequenceEqual(other.Steps.Select(each => each.Offer.Id));
}
