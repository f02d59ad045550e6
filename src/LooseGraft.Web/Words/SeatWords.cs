using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Reach;

namespace LooseGraft.Web.Words;

/// <summary>How the choices of Seat are worded.</summary>
public static class SeatWords
{
    /// <summary>What follows from what closes the opening.</summary>
    public static string Follows(this IoPlate plate) => plate switch
    {
        IoPlate.Kept => "Its spring fingers ground the ports and may slip into a socket: look before a plug goes in.",
        IoPlate.Bent => "Bend it on the bench, not against the board. Its spring fingers may slip into a socket.",
        IoPlate.CutFromOldCase => "A disc throws sparks and dust: eyes, lungs, and no board near by. File every edge; the old case is spoiled.",
        IoPlate.Made => "The drawing under Cuts and templates has each face with half a millimetre round it. Sheet metal grounds the ports, plastic does not.",
        IoPlate.LeftOpen => "Dust gets in, plugs pull at the board alone, and nothing grounds the shields of the ports there.",
        _ => throw new ArgumentOutOfRangeException(nameof(plate), plate, null),
    };

    public static string Words(this ReachVerdict verdict) => verdict switch
    {
        ReachVerdict.Reaches => "reaches",
        ReachVerdict.Tight => "just reaches",
        ReachVerdict.FallsShort => "too short",
        ReachVerdict.LengthUnknown => "nobody measured it",
        ReachVerdict.EndUnknown => "an end has no place yet",
        ReachVerdict.NoWay => "has no way",
        _ => throw new ArgumentOutOfRangeException(nameof(verdict), verdict, null),
    };

    /// <summary>The shape of a verdict.</summary>
    public static string Shape(this ReachVerdict verdict) => verdict switch
    {
        ReachVerdict.Reaches => "fine",
        ReachVerdict.FallsShort or ReachVerdict.NoWay => "fix",
        _ => "check",
    };
}
