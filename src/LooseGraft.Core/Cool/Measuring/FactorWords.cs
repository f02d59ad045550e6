using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Measuring;

/// <summary>What factors mean at the bench.</summary>
public static class FactorWords
{
    // So near to a plain share a factor is called by its name.
    private const double Near = 0.06;

    private static readonly (double Share, string Words)[] Shares =
        [(0.25, "a quarter of"), (1.0 / 3, "a third of"), (0.5, "half"), (2.0 / 3, "two thirds of"), (0.75, "three quarters of")];

    /// <summary>What a factor of the air says.</summary>
    public static string OfAir(Spread<Factor> times)
    {
        if (!HeatFit.IsOtherwise(times)) return $"The shell lets through as much air as is worked out, as far as the readings tell ({Range(times)}).";
        return times.Likely.Value < 1
            ? $"The shell lets through about {Share(times.Likely.Value)} the air that is worked out ({Range(times)}): look at grilles and filters, at what lies before them, and whether each fan turns."
            : $"The shell lets through about {times.Likely.Value:0.0} times the air that is worked out ({Range(times)}): it has gaps that nobody wrote down, or its covers let more through. That stays in hand: it is not reckoned with, as a cut or a fan that is not there yet would be promised too much.";
    }

    /// <summary>What a factor of a cooler says.</summary>
    public static string OfContact(Graft graft, ContactFit fit)
    {
        var (name, times) = (graft.NameOf(fit.Part), fit.Times);
        if (!HeatFit.IsOtherwise(times)) return $"{name}: its cooler does what such coolers do, as far as the readings tell ({Range(times)}).";
        if (times.Likely.Value > ContactFit.Most)
            return $"{name}: its heat gets into the air {times.Likely.Value:0.0} times as hard as with such a cooler: it does not touch as it should.";
        return times.Likely.Value < 1
            ? $"{name}: its cooler does better than such coolers do, or it takes fewer watts than are written down ({Range(times)} as hard)."
            : $"{name}: its heat gets into the air {times.Likely.Value:0.0} times as hard as with such a cooler ({Range(times)}): look at paste, seat and dust; or it takes more watts than are written down, which a meter at the wall tells.";
    }

    private static string Share(double times)
        => Shares.FirstOrDefault(share => Math.Abs(share.Share - times) < Near).Words ?? FormattableString.Invariant($"{times:0.0} times");

    private static string Range(Spread<Factor> times) => FormattableString.Invariant($"{times.Low.Value:0.00} to {times.High.Value:0.00} times");
}
