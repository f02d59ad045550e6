using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;

namespace LooseGraft.Core.Seat.Reach;

/// <summary>Whether a lead reaches along the shortest way it may take.</summary>
/// <param name="Run">The lead.</param>
/// <param name="Needed">Way, drops and slack together; null when there is no way, or an end has no place yet.</param>
/// <param name="Steps">The way, corner by corner.</param>
/// <param name="Verdict">What follows.</param>
/// <param name="Cures">What would help, best first.</param>
public sealed record LeadReach(LeadRun Run, Millimetres? Needed, ImmutableArray<RouteStep> Steps, ReachVerdict Verdict, ImmutableArray<string> Cures)
{
    // A lead that is pulled straight works itself out of its socket; common practice leaves it a finger's breadth.
    private const double SlackMm = 20;
    private const double TightMm = 20;

    // A lead lies on the plane or at the rim of things; what is lower than this it lies upon, as it does on the sockets of a board; what begins higher it
    // passes under.
    private const double LowMm = 15;
    private const double HighMm = 40;

    /// <summary>What is to spare when everything is as measured and the length at its least, in millimetres; negative when it is short.</summary>
    public double? Spare => Had is { } had && Needed is { } needed ? had.Value - needed.Value : null;

    /// <summary>Its length at the least; null when nobody measured it.</summary>
    public Millimetres? Had => Run.Length is { } length ? length - Run.LengthError : null;

    /// <summary>Whether part of the way is out of sight.</summary>
    public bool IsHidden => Steps.Any(step => step.IsBehind);

    /// <summary>The reach of every lead of a graft. One map for each plane and bend.</summary>
    public static ImmutableArray<LeadReach> Of(Graft graft) => Of(graft, SeatedBoard.Of(graft), SolidBody.Of(graft), new ReviewWork());

    internal static ImmutableArray<LeadReach> Of(Graft graft, ImmutableArray<SeatedBoard> boards, ImmutableArray<SolidBody> bodies, ReviewWork work)
    {
        var maps = new Dictionary<(string, double), (RouteMap Wide, Lazy<RouteMap> Narrow)>();
        var reaches = ImmutableArray.CreateBuilder<LeadReach>();
        foreach (var run in work.Each(graft.Seating.Runs, "lead"))
        {
            if (graft.Seating.FindPlane(run.Plane) is not { } plane) continue;
            var key = (run.Plane, run.Bend.Value);
            if (!maps.TryGetValue(key, out var map))
            {
                var footprints = bodies.Where(body => body.Plane == run.Plane && IsInTheWay(body))
                    .SelectMany(body => body.Pieces.Select(piece => (piece, body.IsMains ? SolidBody.MainsAwayMm : 0, body.IsMains))).ToArray();
                RouteMap Map(bool isNarrow) => new(footprints, run.Bend.Value, plane, isNarrow);
                maps[key] = map = (Map(isNarrow: false), new Lazy<RouteMap>(() => Map(isNarrow: true)));
            }

            reaches.Add(Judge(run, Place(run.From, run.Plane, boards), Place(run.To, run.Plane, boards), map));
        }

        return reaches.ToImmutable();
    }

    // What carries mains keeps a lead off at any height.
    private static bool IsInTheWay(SolidBody body)
        => body.IsMains || (body.Kind is BodyKind.Box or BodyKind.Zone && body.To > LowMm && body.From < HighMm);

    internal static PlanPoint? Place(RunEnd end, string plane, ImmutableArray<SeatedBoard> boards)
    {
        if (end.Port is not { } port) return end.At;
        return boards.FirstOrDefault(board => board.Board.Id == port.Part && board.Plane.Id == plane) is { } board
            && board.Board.Ports.FirstOrDefault(found => found.Id == port.Port)?.Place is { } place
            ? board.Seat.Place(place.At)
            : null;
    }

    private static LeadReach Judge(LeadRun run, PlanPoint? from, PlanPoint? to, (RouteMap Wide, Lazy<RouteMap> Narrow) map)
    {
        if (from is not { } start || to is not { } end)
            return new LeadReach(run, null, [], ReachVerdict.EndUnknown, ["give the port its place on the board, and the board its place on the base"]);
        if ((map.Wide.Shortest(start, end, run.Way) ?? map.Narrow.Value.Shortest(start, end, run.Way)) is not { } way)
            return new LeadReach(run, null, [], ReachVerdict.NoWay,
            [
                run.Way == LeadWay.Behind ? "make two holes for it, and write them down as ways in the base" : "move what stands in the way, or make a hole for the lead",
                .. run.Way is null ? Array.Empty<string>() : ["let it take the shortest way"],
            ]);
        var reach = new LeadReach(run, new Millimetres(way.Length + run.From.Drop + run.To.Drop + SlackMm), way.Steps, ReachVerdict.LengthUnknown, []);
        if (reach.Spare is not { } spare)
            return reach with { Cures = [FormattableString.Invariant($"measure the lead; it needs {reach.Needed!.Value.Value:0} mm")] };
        return spare >= TightMm ? reach with { Verdict = ReachVerdict.Reaches }
            : reach with
            {
                Verdict = spare >= 0 ? ReachVerdict.Tight : ReachVerdict.FallsShort,
                Cures = spare >= 0 ? ["check it by hand before anything is cut"] : Cure(run, start.To(end), way.Length, Other(run, start, end, map))
            };
    }

    // What it would need were it not kept to one way.
    private static double? Other(LeadRun run, PlanPoint start, PlanPoint end, (RouteMap Wide, Lazy<RouteMap> Narrow) map)
        => run.Way is not null && map.Wide.Shortest(start, end) is { } any ? any.Length + run.From.Drop + run.To.Drop + SlackMm : null;

    private static ImmutableArray<string> Cure(LeadRun run, double straight, double way, double? other)
    {
        var cures = ImmutableArray.CreateBuilder<string>();
        if (other is { } shortest) cures.Add(FormattableString.Invariant($"let it take the shortest way: that needs {shortest:0} mm"));
        if (way > straight * 1.1)
            cures.Add(FormattableString.Invariant($"another way: {way - straight:0} mm of it are detours, so move what it goes round or make a hole for it"));
        cures.Add("turn or move the part it comes from");
        cures.Add(run.IsMakersOwn
            ? "no extension is sold for a maker's own plug: lengthen it wire by wire, of the same gauge, and prove it on its meter sheet"
            : "an extension: its plugs are standard ones");
        return cures.ToImmutable();
    }
}
