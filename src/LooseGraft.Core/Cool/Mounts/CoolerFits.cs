using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Mounts;

/// <summary>Judges what holds coolers.</summary>
public static class CoolerFits
{
    /// <summary>How a cooler is held, by what is said of it.</summary>
    public static CoolerFit Fit(this CoolerPlace cooler) => cooler switch
    {
        { Hold: CoolerHold.Ties } => CoolerFit.Improvised,
        { Hold: CoolerHold.Nothing } => CoolerFit.DoesNotMeet,
        { Hold: CoolerHold.Bracket } => CoolerFit.Meets,
        { BoardHoles: { } board, OwnHoles: { } own } when !board.Meets(own) => CoolerFit.DoesNotMeet,
        { Hold: CoolerHold.CasePosts } => CoolerFit.NeedsPlate,
        { Hold: CoolerHold.Own } or { BoardHoles: not null, OwnHoles: not null } => CoolerFit.Meets,
        _ => CoolerFit.Unknown,
    };

    /// <summary>What holds a cooler, in a builder's words.</summary>
    public static string Words(this CoolerHold hold) => hold switch
    {
        CoolerHold.Own => "its own screws, clip or lugs",
        CoolerHold.Bracket => "a back plate or bracket made for it",
        CoolerHold.CasePosts => "posts of the old case",
        CoolerHold.Ties => "ties, bands, tape or glue",
        _ => "nothing: it lies on the chip",
    };

    /// <summary>A verdict in words.</summary>
    public static string Words(this CoolerFit fit) => fit switch
    {
        CoolerFit.Meets => "its mount is met",
        CoolerFit.NeedsPlate => "it needs a back plate or bracket of its own pattern",
        CoolerFit.DoesNotMeet => "its mount is not met",
        CoolerFit.Improvised => "it is held by makeshift",
        _ => "nobody said what holds it",
    };
}
