using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat.Holding;

/// <summary>What a screw at a hole of a seated board meets on its way: the board, what it is screwed into, and what lies behind.</summary>
/// <param name="Thread">Its thread.</param>
/// <param name="Least">The shortest that holds, in millimetres.</param>
/// <param name="Most">The longest that neither stops before it clamps nor touches anything; null when nobody looked how much is free behind.</param>
/// <param name="Through">The length at which it comes out behind the plane; null where it ends in something.</param>
/// <param name="Behind">What lies behind there.</param>
public sealed record ScrewFit(ScrewThread Thread, double Least, double? Most, double? Through, BehindArea? Behind)
{
    /// <summary>The longest that goes for sure where nobody measured how deep the thread of a mount is: its own height; null where that is known.</summary>
    public double? Sure { get; private init; }

    // ISO 4032: a nut is eight tenths of its thread high.
    private const double NutOfDiameter = 0.8;

    // Swarf of the thread that a screw cuts has to go somewhere (common practice).
    private const double SwarfMm = 2;

    /// <summary>What screw goes in at a hole; null where none does, or where what it goes into has none.</summary>
    public static ScrewFit? Of(SeatedBoard board, HoleMeeting hole)
        => hole.Mount is { } mount ? OnMount(board, hole, mount) : hole.Method is { } method ? ByMethod(board, hole, method) : null;

    /// <summary>Which screws go in at the mounts that a board meets, those that are the same together, in a builder's words.</summary>
    public static IEnumerable<string> Lines(SeatedBoard board)
        => board.Holes.Where(hole => hole.Mount is not null).Select(hole => (hole.Name, Fit: Of(board, hole))).Where(pair => pair.Fit is not null)
            .GroupBy(pair => pair.Fit!.Words).Select(same => $"{string.Join(", ", same.Select(pair => pair.Name))}: {same.Key}");

    /// <summary>The screw that somebody wrote down for a hole; null for none.</summary>
    public static Screw? Written(SeatedBoard board, HoleMeeting hole)
        => board.Seat.Holes.FirstOrDefault(mounting => mounting.Hole == hole.Number)?.Screw ?? (hole.Mount is null ? null : board.Seat.Screw);

    /// <summary>In a builder's words: the lengths that go.</summary>
    public string Words => Sure is { } sure && sure >= Least && !(Most < sure)
        ? $"{Thread.Name} from {Mm(Least)} to {Mm(sure)}; longer only where its thread is measured to be that deep"
        : Most is { } most
        ? most < Least ? $"no {Thread.Name} both holds and ends before what is behind" : $"{Thread.Name} from {Mm(Least)} to {Mm(most)}"
        : $"{Thread.Name} of {Mm(Least)} or more{(Through is { } through ? $"; beyond {Mm(through)} it comes out behind" : "")}";

    private static ScrewFit? OnMount(SeatedBoard board, HoleMeeting hole, Mount mount)
    {
        if (mount.Kind == MountKind.Stud) return null;
        var thread = mount.Thread ?? Written(board, hole)?.Thread ?? (mount.Kind == MountKind.Boss ? null : ScrewThread.Through(hole.Hole.Diameter.Value));
        if (thread is null) return null;
        var (top, swarf) = (board.Thickness, thread.Family == ScrewFamily.Machine ? 0 : SwarfMm);
        var whole = mount.Height.Value + board.Plane.Thickness.Value;
        return mount.Deep is { } deep && deep.Value < whole
            ? new ScrewFit(thread, top + thread.LeastHoldMm, top + deep.Value - swarf, null, null)
            : OutBehind(board, hole, thread, top + thread.LeastHoldMm, top + whole) with
            {
                Sure = mount.Deep is null ? top + mount.Height.Value - swarf : null,
            };
    }

    private static ScrewFit? ByMethod(SeatedBoard board, HoleMeeting hole, MountMethod method)
    {
        var (rise, thread) = (board.Spacer, Written(board, hole)?.Thread ?? board.ThreadOf(hole));
        var (top, sheet) = (board.Thickness, board.Plane.Thickness.Value);
        return method switch
        {
            MountMethod.Move => OutBehind(board, hole, thread, top + thread.LeastHoldMm, top + rise + sheet),
            MountMethod.ThroughBolt => OutBehind(board, hole, thread, top + rise + sheet + (NutOfDiameter * thread.DiameterMm), top + rise + sheet),
            MountMethod.DrillAndTap or MountMethod.Insert => OutBehind(board, hole, thread, top + rise + thread.LeastHoldMm, top + rise + sheet),
            MountMethod.AdhesivePillar => new ScrewFit(thread, top + thread.LeastHoldMm, top + rise, null, null),
            _ => null,
        };
    }

    private static ScrewFit OutBehind(SeatedBoard board, HoleMeeting hole, ScrewThread thread, double least, double through)
    {
        var room = RoomBehind.At(board.Plane, hole.At, thread.DiameterMm / 2);
        return new ScrewFit(thread, least, room is null ? null : through + room.Usable, through, room?.Area);
    }
}
