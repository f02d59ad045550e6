using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;
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

    /// <summary>What a thing of the shell is called on its button.</summary>
    public static string ToolName(this ShellSort sort) => sort switch
    {
        ShellSort.Ceiling => "lower ceiling",
        ShellSort.Behind => "thing behind",
        ShellSort.BareBoard => "bare below",
        ShellSort.Insulated => "insulated below",
        ShellSort.Below => "stands out below",
        _ => sort.ToString().ToLowerInvariant(),
    };

    /// <summary>What a thing of the shell is.</summary>
    public static string Gloss(this ShellSort sort) => sort switch
    {
        ShellSort.Standoff => "A pillar with a thread, that a board is screwed to.",
        ShellSort.Stud => "A threaded bolt that stands up.",
        ShellSort.Boss => "A hollow pillar of plastic that a screw cuts its thread into.",
        ShellSort.Bump => "A place where the sheet is pressed up: bare metal near the board's underside.",
        ShellSort.Tab => "A tongue of the sheet that is bent up.",
        ShellSort.Brace => "A bar or fold across.",
        ShellSort.Opening => "Press at an edge for one in the wall there, anywhere else for one in the base.",
        ShellSort.Ceiling => "Where the lid, a deck or a brace comes down lower.",
        ShellSort.Behind => "Something on the far side of the base that a drill or a screw would meet.",
        ShellSort.Box => "Anything that takes up room: a drive cage, a speaker, a transformer.",
        ShellSort.Hole => "A hole for a screw.",
        ShellSort.Tall => "What stands tall above the board: sockets, memory, coils, a cooler.",
        ShellSort.BareBoard => "Neither copper nor solder below: metal may touch there.",
        ShellSort.Insulated => "A sheet below keeps metal away.",
        ShellSort.Below => "What stands out below, farther than solder: a back plate, a battery.",
        ShellSort.Aerial => "Metal near it takes its reach away.",
        ShellSort.Port => "Where one of its ports sits; at an edge it looks over it.",
        ShellSort.Lead => "A lead that has to reach; drag from its one end to the other.",
        _ => throw new ArgumentOutOfRangeException(nameof(sort), sort, null),
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
