using System.Globalization;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Cures;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Web.Drawing;
using static System.FormattableString;

namespace LooseGraft.Web.Words;

/// <summary>How what gets warm is worded.</summary>
public static class CoolWords
{
    /// <summary>The shape of a band.</summary>
    public static string Shape(this HeatBand band) => band switch
    {
        HeatBand.Comfortable => "fine",
        HeatBand.Warm => "check",
        HeatBand.Throttles => "fix",
        _ => "stop",
    };

    /// <summary>What a thing is, as it goes under its figure in the picture.</summary>
    public static string UnderFigure(HotKind kind) => kind switch
    {
        HotKind.Chip => "processor",
        HotKind.CardChip => "card",
        HotKind.SupplyIntake => "supply draws in",
        _ => "drive",
    };

    /// <summary>A hot thing in a sentence.</summary>
    public static string Named(HotSpot spot) => spot.Kind == HotKind.SupplyIntake ? $"the air that {spot.Name} takes in" : spot.Name;

    /// <summary>A whole figure.</summary>
    public static string Figure(double value) => value.ToString("0", CultureInfo.InvariantCulture);

    /// <summary>The shape of a change: what it comes to; what is not proven, or heats something else, has to be looked at.</summary>
    public static string Shape(this TriedCure tried)
        => tried.IsUnder && (tried.Cure.IsToProve || tried.Hotter is not null) ? HeatBand.Warm.Shape() : tried.Worst.Shape();

    /// <summary>What names a change on its page, so that one is not taken for another when the page changes.</summary>
    public static string Anchor(Cure cure) => $"cure-{string.Concat(cure.Words.Select(letter => char.IsAsciiLetterOrDigit(letter) ? letter : '-'))}";

    /// <summary>What a change wins.</summary>
    public static string Won(TriedCure tried)
    {
        string?[] said =
        [
            Invariant($"{Math.Abs(tried.Kelvins):0.#} K {(tried.Kelvins < 0 ? "warmer" : "cooler")}"),
            tried.After switch
            {
                null => "out of the shell",
                { Temperature: { } then } when tried.Worst == HeatBand.Comfortable => Invariant($"then {then}, under {tried.After.LimitOf(HeatBand.Comfortable):0} °C"),
                { Temperature: { } then } => Invariant($"then {then}, upper bound beyond {tried.After.LimitOf(tried.Worst):0} °C"),
                _ => null,
            },
            Math.Abs(tried.Decibels) < CureTrials.LeastDecibels ? null : Invariant($"{Math.Abs(tried.Decibels):0} dB {(tried.Decibels < 0 ? "quieter" : "louder")}"),
            tried.Cure.IsToProve ? "once it is proven" : null,
            tried.Hotter is { } hotter ? $"but {Named(hotter)} gets too hot" : null,
            tried.Cure.Fact.Price.High == 0 ? "free" : tried.Cure.Fact.Price.ToString(),
        ];
        return string.Join(" · ", said.OfType<string>());
    }

    /// <summary>What a change takes beside money.</summary>
    public static string Costs(TriedCure tried)
        => $"It takes {tried.Cure.Fact.Time}.{(tried.Cure.Fact.ForGood is { } lost ? $" For good: {lost}." : " It can be taken back.")}";

    /// <summary>A wall of a shell, or its base.</summary>
    public static string Words(this PlaneWall wall) => wall == PlaneWall.Floor ? "base" : $"{wall.ToString().ToLowerInvariant()} wall";

    /// <summary>A cover and how much of it is usually free.</summary>
    public static string Of(AirCoverFact cover)
        => cover.Low == cover.High ? cover.Name : FormattableString.Invariant($"{cover.Name}, {100 * cover.Low:0}–{100 * cover.High:0} % free");

    /// <summary>How a fan is built.</summary>
    public static string Of(FanKind kind) => kind switch
    {
        FanKind.Axial => "a frame with blades",
        _ => "a blower",
    };

    /// <summary>Holes for a cooler, as they are typed.</summary>
    public static string Text(HolePattern? holes)
        => holes is null ? "" : holes.Along is { } along ? $"{PlanFrame.N(holes.Across.Value)} x {PlanFrame.N(along.Value)}" : PlanFrame.N(holes.Across.Value);

    /// <summary>Kelvins for each watt, as they are typed.</summary>
    public static string Text(Spread<KelvinsPerWatt>? resistance) => resistance is not { } known ? ""
        : known.Low == known.High ? PlanFrame.N(known.Likely.Value)
        : $"{PlanFrame.N(known.Low.Value)} {PlanFrame.N(known.Likely.Value)} {PlanFrame.N(known.High.Value)}";
}
