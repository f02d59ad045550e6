using System.Collections.Immutable;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>A tray with four standoffs, and a board of 100 × 80 mm with a hole in each corner.</summary>
internal static class SeatBench
{
    public static readonly ImmutableArray<PlanPoint> Corners = [new(5, 5), new(95, 5), new(5, 75), new(95, 75)];

    public static Millimetres Mm(double value) => new(value);

    public static Mount Mount(string id, double x, double y, double height = 6.5, MountKind kind = MountKind.Standoff)
        => new(id, kind, new PlanPoint(x, y), Mm(height)) { Evidence = Evidence.Measured };

    public static Part Board(params Port[] ports) => new("board", "board", PartKind.Board)
    {
        Body = new PartBody([.. new PlanRectangle(0, 0, 100, 80).Corners], Evidence.Measured),
        Holes = [.. Corners.Select(corner => new MountHole(corner.X, corner.Y, Mm(3.6)))],
        Ports = [.. ports],
    };

    public static MountPlane Tray(params Mount[] more) => new("tray", "tray", [.. new PlanRectangle(0, 0, 200, 160).Corners])
    {
        Mounts = [.. Corners.Select((corner, index) => Mount($"s{index + 1}", corner.X + 20, corner.Y + 10)), .. more],
    };

    /// <summary>The board on the tray, every hole on a standoff.</summary>
    public static Graft Seated(MountPlane? tray = null, Part? board = null) => Graft.Empty("test") with
    {
        Parts = [board ?? Board()],
        Seating = new Seating { Planes = [tray ?? Tray()], Seats = [new BoardSeat("board", "tray", new PlanPoint(20, 10), 0)] },
    };

    public static SeatBox Box(string id, double x, double y, double width, double depth, double height, string on = "tray", double from = 0)
        => new(id, id, on, new PlanRectangle(x, y, width, depth)) { Height = Mm(height), From = Mm(from), Tolerance = Mm(0) };

    public static Graft With(this Graft graft, params SeatBox[] boxes) => graft with { Seating = graft.Seating with { Boxes = [.. boxes] } };

    public static Graft With(this Graft graft, LeadRun run) => graft with { Seating = graft.Seating with { Runs = [run] } };

    public static Graft At(this Graft graft, Func<BoardSeat, BoardSeat> change)
        => graft with { Seating = graft.Seating with { Seats = [change(graft.Seating.Seats[0])] } };

    public static LeadRun Run(double fromX, double fromY, double toX, double toY, double? length = null)
        => new("lead", "lead", "tray", new RunEnd(null, new PlanPoint(fromX, fromY), 0), new RunEnd(null, new PlanPoint(toX, toY), 0))
        {
            Length = length is { } known ? Mm(known) : null,
            LengthError = Mm(0),
            Bend = Mm(0),
        };

    public static Port Socket(string id, double x, double y, PortFacing faces, double width = 20)
        => new(id, id, ConnectorTypes.Find("pin-header")!, Gender.Male)
        {
            Place = new PortPlace(new PlanPoint(x, y), faces) { Width = Mm(width), Height = Mm(10), PlugRoom = Mm(20) },
        };

    public static Survey Survey(string of, params string[] lines)
        => new(of, [.. lines.Select(line => Core.Seat.Surveying.SurveyText.TryRead(line) ?? throw new ArgumentException(line))]);
}
