using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>What must hold between what is placed: shapes have an inside, names are unique, and what is named exists.</summary>
internal static class SeatChecks
{
    private const double LeastAreaMm2 = 1;
    private const double RoundMm = 0.01;

    public static void Outline(ReadContext context, string path, ValueList<PlanPoint> corners)
    {
        if (corners.Length < 3) context.Fail(path, $"{corners.Length} corners", "three or more");
        else if (Math.Abs(Area(corners)) < LeastAreaMm2) context.Fail(path, "an outline without an inside", "corners in order round it");
    }

    public static void Plane(MountPlane plane, ReadContext context)
    {
        Outline(context, ".outline", plane.Outline);
        CrossChecks.Unique(context, "mounts", plane.Mounts, mount => mount.Id);
        CrossChecks.Unique(context, "openings", plane.Openings, opening => opening.Id);
        CrossChecks.Unique(context, "walls", plane.Walls, sheet => sheet.Wall.ToString().ToLowerInvariant());
        foreach (var (index, _) in plane.Walls.Index().Where(pair => pair.Item.Wall == PlaneWall.Floor))
            context.Fail($".walls[{index}].wall", "floor", "one of rear, front, left, right: the plane itself has its own material");
        foreach (var (index, opening) in plane.Openings.Index().Where(pair => pair.Item.IsRound && !IsSquare(pair.Item.Area)))
            context.Fail($".openings[{index}].area", FormattableString.Invariant($"{opening.Area.Width} by {opening.Area.Depth} mm and round"), "one diameter both ways");
    }

    public static void Seating(Seating seating, ReadContext context)
    {
        CrossChecks.Unique(context, "planes", seating.Planes, plane => plane.Id);
        CrossChecks.Unique(context, "seats", seating.Seats, seat => seat.Part);
        CrossChecks.Unique(context, "boxes", seating.Boxes, box => box.Id);
        CrossChecks.Unique(context, "runs", seating.Runs, run => run.Id);
        CrossChecks.Unique(context, "surveys", seating.Surveys, survey => survey.Of);
        CrossChecks.Unique(context, "photos", seating.Photos, photo => photo.Of);
        CrossChecks.Within(context, ".surveys", seating.Surveys.Sum(survey => survey.Spans.Length), GraftFileLimits.SpansTogether, "distances");
    }

    /// <summary>What is placed names only what the graft has.</summary>
    public static void Graft(Graft graft, ReadContext context, HashSet<string> parts, Dictionary<PortId, Port> ports)
    {
        var seating = graft.Seating;
        var planes = seating.Planes.Select(plane => plane.Id).ToHashSet();
        var grounds = planes.Concat(seating.Seats.Select(seat => seat.Part)).ToHashSet();
        foreach (var id in planes.Where(parts.Contains)) context.Fail(".seating.planes", ReadContext.Quote(id), "an id that no part has");
        foreach (var (index, plane) in seating.Planes.Index().Where(pair => pair.Item.Stand is not null))
        {
            var below = seating.FindPlane(plane.Stand!.Plane);
            if (below is null || below.Stand is not null || below.Id == plane.Id)
                context.Fail($".seating.planes[{index}].stand.plane", ReadContext.Quote(plane.Stand.Plane), "the id of another plane, one that stands on none itself");
        }

        foreach (var (index, seat) in seating.Seats.Index())
        {
            CrossChecks.Exists(context, $".seating.seats[{index}].part", seat.Part, parts, "the id of a part");
            CrossChecks.Exists(context, $".seating.seats[{index}].plane", seat.Plane, planes, "the id of a plane");
        }

        foreach (var (index, box) in seating.Boxes.Index())
        {
            CrossChecks.Exists(context, $".seating.boxes[{index}].on", box.On, grounds, "the id of a plane or of a seated board");
            if (box.Part is { } part) CrossChecks.Exists(context, $".seating.boxes[{index}].part", part, parts, "the id of a part");
        }

        foreach (var (index, run) in seating.Runs.Index())
        {
            CrossChecks.Exists(context, $".seating.runs[{index}].plane", run.Plane, planes, "the id of a plane");
            foreach (var (name, end) in new[] { ("from", run.From), ("to", run.To) })
            {
                if (end.Port is { } port && !ports.ContainsKey(port))
                    context.Fail($".seating.runs[{index}].{name}.port", ReadContext.Quote(port.ToString()), "a port in this file, written part/port");
            }
        }

        foreach (var (index, survey) in seating.Surveys.Index().Where(pair => !parts.Contains(pair.Item.Of)))
            CrossChecks.Exists(context, $".seating.surveys[{index}].of", survey.Of, planes, "the id of a part or of a plane");
        foreach (var (index, photo) in seating.Photos.Index())
        {
            if (!parts.Contains(photo.Of)) CrossChecks.Exists(context, $".seating.photos[{index}].of", photo.Of, planes, "the id of a part or of a plane");
            foreach (var (at, mark) in photo.Marks.Index().Where(pair => pair.Item.Position > 4))
                context.Fail($".seating.photos[{index}].marks[{at}].position", $"{mark.Position}", "1 and 2 for the ends across, 3 and 4 for those deep");
        }
    }

    private static bool IsSquare(PlanRectangle area) => Math.Abs(area.Width - area.Depth) <= RoundMm;

    // The shoelace formula.
    private static double Area(ValueList<PlanPoint> corners)
        => corners.Index().Sum(
            pair => (pair.Item.X * corners[(pair.Index + 1) % corners.Length].Y) - (corners[(pair.Index + 1) % corners.Length].X * pair.Item.Y)) / 2;
}
