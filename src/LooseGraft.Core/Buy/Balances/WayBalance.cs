using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Balances;

/// <summary>One way on: going on with the graft, something else in its place, or leaving it. What is gone already is gone whichever is taken, and not in
/// it.</summary>
/// <param name="Name">What it is.</param>
/// <param name="ToPay">What is still to be paid for it, less what is sold of what is here or left over; less than nothing where that is more.</param>
/// <param name="Hours">Hours of work still to come, 0 or more.</param>
/// <param name="Gives">What it gives as far as money does not tell; null where nobody said.</param>
public sealed record WayBalance(string Name, Money ToPay, decimal Hours, string? Gives)
{
    /// <summary>What could be had instead, of which it is the balance; null for going on and for leaving.</summary>
    public OtherWay? Other { get; init; }

    /// <summary>What it costs when an hour is worth so much, to the cent.</summary>
    public Money At(Money rate) => new(decimal.Round(ToPay.Amount + (Hours * rate.Amount), 2, MidpointRounding.AwayFromZero));

    /// <summary>What an hour has to be worth for this way and another to cost the same, exactly. Null where none makes it so: the hours are the same, or the
    /// one that costs less takes fewer as well.</summary>
    public decimal? EvenRate(WayBalance other)
        => Hours != other.Hours && (other.ToPay.Amount - ToPay.Amount) / (Hours - other.Hours) is >= 0 and var rate ? rate : null;
}
