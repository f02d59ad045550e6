using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Gambles;

/// <summary>The tree of all that could be tried and fail, worked backwards from where nothing is left to try. Exact: how things stand hangs only on which tries
/// have failed, for what is gone of them adds up to the same in any order, so that 2^n states with n steps each hold all n! orders and all their
/// beginnings.</summary>
public static class GambleTree
{
    /// <summary>The most that are tried one after another.</summary>
    public const int MostTries = 6;

    /// <summary>The plan that costs least on average; of equal ones the one with fewer tries. Null where none ends in what is certain within the
    /// room.</summary>
    /// <param name="tries">What may be tried, at most <see cref="MostTries"/>, none of it certain.</param>
    /// <param name="certain">What ends it.</param>
    /// <param name="room">What may be laid out at most; null for any sum.</param>
    /// <exception cref="ArgumentException">There are more tries.</exception>
    public static GamblePlan? Best(ImmutableArray<GambleTry> tries, GambleTry certain, Money? room)
    {
        if (tries.Length > MostTries) throw new ArgumentException($"{tries.Length} tries, at most {MostTries}", nameof(tries));
        var all = (1 << tries.Length) - 1;
        var best = new (decimal Expected, int Steps, int Next)?[all + 1];
        for (var failed = all; failed >= 0; failed--)
        {
            var laid = Enumerable.Range(0, tries.Length).Where(index => Has(failed, index)).Sum(index => tries[index].Price.Amount);
            if (IsWithin(laid + certain.Price.Amount)) best[failed] = (certain.Price.Amount, 0, -1);
            for (var index = 0; index < tries.Length; index++)
            {
                // A try is worth nothing where nothing certain could be bought after it.
                if (Has(failed, index) || best[failed | (1 << index)] is not { } after) continue;
                var each = tries[index];
                var expected = each.Price.Amount + (each.Fails * (after.Expected - each.Back.Amount));
                if (best[failed] is not { } known || (expected, after.Steps + 1).CompareTo((known.Expected, known.Steps)) < 0)
                    best[failed] = (expected, after.Steps + 1, index);
            }
        }

        return best[0] is null ? null : new GamblePlan([.. Followed()], certain);

        bool IsWithin(decimal amount) => room is not { } most || amount <= most.Amount;

        static bool Has(int set, int index) => (set & (1 << index)) != 0;

        IEnumerable<GambleTry> Followed()
        {
            for (var failed = 0; best[failed]!.Value.Next is >= 0 and var next; failed |= 1 << next) yield return tries[next];
        }
    }

    /// <summary>The chance at which trying something first costs on average as much as what is certain, from 0 to 1. Null where it pays at no chance, because
    /// it costs as much itself.</summary>
    /// <param name="one">What may be tried.</param>
    /// <param name="certain">What is bought at once, or after it.</param>
    public static decimal? BreakEven(GambleTry one, GambleTry certain)
        => one.Price.Amount >= certain.Price.Amount ? null
            // From price + (1 − q)(certain − back) = certain. Back is no more than the price, so that neither part is negative or nothing.
            : 1 - ((certain.Price.Amount - one.Price.Amount) / (certain.Price.Amount - one.Back.Amount));
}
