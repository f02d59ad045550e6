using LooseGraft.Core.Cool;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;
using LooseGraft.Web.Drawing;

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

    /// <summary>A cover and how much of it is usually free.</summary>
    public static string Of(AirCoverFact cover)
        => cover.Low == cover.High ? cover.Name : FormattableString.Invariant($"{cover.Name}, {100 * cover.Low:0}–{100 * cover.High:0} % free");

    /// <summary>How a fan is built.</summary>
    public static string Of(FanKind kind) => kind switch
    {
        FanKind.Axial => "a frame with blades",
        _ => "a blower",
    };

    /// <summary>Kelvins for each watt, as they are typed.</summary>
    public static string Text(Spread<KelvinsPerWatt>? resistance) => resistance is not { } known ? ""
        : known.Low == known.High ? PlanFrame.N(known.Likely.Value)
        : $"{PlanFrame.N(known.Low.Value)} {PlanFrame.N(known.Likely.Value)} {PlanFrame.N(known.High.Value)}";
}
