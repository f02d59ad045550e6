using LooseGraft.Core.Circuit.Fans;
using LooseGraft.Core.Cool.Air;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>The fans that somebody placed and whose size is known.</summary>
internal static class SceneFans
{
    private const double GapShare = 0.8;

    public static List<CoolFan> Of(Graft graft, FeedFlows flows, List<CoolSpace> spaces, List<CoolWay> ways, UnsureFigures figures)
    {
        var fans = new List<CoolFan>();
        foreach (var place in graft.Cooling.Fans)
        {
            if (graft.FindPart(place.Part) is not { } part || SizeOf(graft, place) is not { } size) continue;
            var kind = FanClass.Nearest(place.Kind, size.Side, size.Thick);
            var way = place.Way is { } name ? ways.FindIndex(each => each.Key == name) : -1;
            // Its opening is shut.
            if (place.Way is not null && way < 0) continue;
            var space = way >= 0 ? Math.Max(ways[way].From, ways[way].To) : ScenePlaces.SpaceOf(graft, part, spaces);
            var flow = flows.All.FirstOrDefault(each => each.Consumer == part.Id);
            var gap = GapFactor(place.Gap?.Value, size.Side);
            var curve = place.Curve.IsEmpty ? null
                : FanCurve.Through([.. place.Curve.Select(point => (point.Flow.CubicMetres * gap, point.Pressure.Value))]);
            var (free, blocked) = curve is null ? (place.FreeAir?.Value, place.Blocked?.Value)
                : (place.Curve[^1].Flow.Value, place.Curve[0].Pressure.Value);
            var rated = place.Rated?.Value ?? FanClass.FullVolts;
            // What is joined tells its volts; whose plug nobody wired yet counts as on those that it is made for.
            var volts = place.Volts?.Value ?? flows.FanLines.Find(part.Id)?.Across?.Value ?? (flow is null ? rated : Math.Abs(flow.Rail.Voltage.Value));
            fans.Add(new CoolFan(part.Id, part.Name, kind, space, way < 0 ? null : way, place.Blows, volts, BoardOf(graft, place, flows.FanLines))
            {
                SizeMm = size.Side,
                Rated = rated,
                IsBehind = place.IsBehind,
                Curve = curve,
                // What is printed is that of a slim fan already.
                FreeAir = Add("flow", free, kind.FreeAir, (free is null ? kind.ShareAt(size.Thick) : 1) * gap * new LitresPerSecond(1).CubicMetres),
                Blocked = Add("pressure", blocked, kind.Blocked, 1),
            });

            // Fans of one class are alike, better or worse; what is printed is known.
            int Add(string what, double? printed, IReadOnlyList<double> range, double times) => printed is { } figure
                ? figures.Add($"{what} of {part.Id}", figure * times, figure * times, figure * times)
                : figures.Add($"fans of {kind.Kind} {kind.SizeMm} × {kind.ThickMm}", range[0] * times, (range[0] + range[1]) / 2 * times, range[1] * times,
                    graft.Cooling.AirFactor is not null);
        }

        return fans;
    }

    /// <summary>The side of a fan's frame and how thick it is, as said or as its box in Seat is; null where nobody knows. The box of a supply or card is not
    /// that of its fan.</summary>
    public static (double Side, double? Thick)? SizeOf(Graft graft, FanPlace place)
    {
        if (place.Size is { } said) return (said.Value, place.Thickness?.Value);
        if (graft.FindPart(place.Part) is not { Kind: PartKind.Fan } fan || graft.Seating.Boxes.FirstOrDefault(box => box.Part == fan.Id) is not { } box)
            return null;
        double[] sides = [.. new[] { box.Area.Width, box.Area.Depth, box.Height.Value }.Order()];
        return (sides[2], place.Thickness?.Value ?? sides[0]);
    }

    /// <summary>What a near wall leaves of a fan's flow: nothing is lost from half its width on, a fifth just within, and more the nearer (common
    /// practice).</summary>
    /// <param name="gapMm">From its face to the wall; null for farther than it minds.</param>
    /// <param name="sizeMm">The side of its frame.</param>
    public static double GapFactor(double? gapMm, double sizeMm)
        => gapMm is { } gap && gap < sizeMm / 2 ? Math.Max(GapShare * Math.Sqrt(gap / (sizeMm / 2)), 0.05) : 1;

    // What is joined decides; a builder may know better.
    private static string? BoardOf(Graft graft, FanPlace place, FanLines lines) => place.Run switch
    {
        FanRun.Full => null,
        FanRun.Board => lines.Find(place.Part)?.SlowedBy?.Part ?? lines.Find(place.Part)?.Header?.Board.Id
            ?? graft.Parts.FirstOrDefault(part => part.Kind == PartKind.Board)?.Id,
        _ => lines.Find(place.Part)?.SlowedBy?.Part,
    };
}
