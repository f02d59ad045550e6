using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Holding;
using LooseGraft.Core.Seat.Reach;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on what stays away from mains and high voltage. That nothing is told never means that a distance is safe.</summary>
internal static class MainsFindings
{
    public static IEnumerable<Finding> Of(Graft graft, ImmutableArray<SeatedBoard> boards, ImmutableArray<SolidBody> bodies)
        => bodies.Where(body => body.IsMains).SelectMany(mains => Near(graft, boards, bodies, mains))
            .Concat(graft.Seating.Planes.SelectMany(plane => plane.BehindAreas.Where(area
                => area.Kind == BehindKind.Mains).SelectMany(area => Behind(boards, plane, area))));

    private static IEnumerable<Finding> Near(Graft graft, ImmutableArray<SeatedBoard> boards, ImmutableArray<SolidBody> bodies, SolidBody mains)
    {
        var things = bodies.Where(body => body.Plane == mains.Plane && (body.Via is null || body.Via != mains.Via)
            && !body.IsMains && body.Box?.IsMetal != false)
            .Select(body => new Thing(body.Subject, body.Name, Clash.Distance(mains, body)))
            .GroupBy(thing => thing.Subject).Select(same => same.MinBy(thing => thing.Gap)!);
        var holes = boards.Where(board => board.Plane.Id == mains.Plane).SelectMany(board => board.Holes, (board, hole) => (board, hole))
            .Where(pair => pair.board.HeldBy(pair.hole)?.DrillMm > 0)
            .Select(pair => new Thing(new HoleSubject(pair.board.Board.Id, pair.hole.Number), $"The hole to drill for {pair.hole.Name} of {pair.board.Board.Name}",
                mains.Shape.Distance(Shapes.Point(pair.hole.At))));
        var cuts = graft.Seating.FindPlane(mains.Plane)?.Openings.Where(opening => opening is { IsToCut: true, Wall: PlaneWall.Floor })
            .Select(opening
                => new Thing(new PlaneSubject(mains.Plane), $"The cut for {opening.Name}", mains.Shape.Distance(Shapes.Of(opening)))) ?? [];
        var leads = graft.Seating.Runs.Where(run => run.Plane == mains.Plane)
            .SelectMany(run => new[] { run.From, run.To }, (run, end) => (run, At: LeadReach.Place(end, run.Plane, boards))).Where(pair => pair.At is not null)
            .Select(pair => new Thing(new RunSubject(pair.run.Id), $"An end of {pair.run.Name}", mains.Shape.Distance(Shapes.Point(pair.At!.Value))));
        return Told(things.Concat(holes).Concat(cuts).Concat(leads), mains.Id, mains.Name);
    }

    // What comes through the plane: a drill, a saw, the end of a screw.
    private static IEnumerable<Finding> Behind(ImmutableArray<SeatedBoard> boards, MountPlane plane, BehindArea area)
    {
        double Gap(double aside, double reach) => Math.Sqrt((aside * aside) + Math.Pow(Math.Max(0, area.Free.Value - reach), 2));
        var drilled = boards.Where(board => board.Plane.Id == plane.Id).SelectMany(board => board.Holes, (board, hole) => (board, hole)).SelectMany(pair =>
        {
            var (board, hole) = pair;
            var drill = board.HeldBy(hole)?.DrillMm ?? 0;
            var comes = ScrewFit.Written(board, hole) is { } screw && ScrewFit.Of(board, hole)?.Through is { } through ? screw.Length.Value - through : 0;
            return comes <= 0 && drill == 0 ? []
                : new[]
                {
                    new Thing(new HoleSubject(board.Board.Id, hole.Number), $"What comes through the base at {hole.Name} of {board.Board.Name}",
                        Gap(area.Area.DistanceTo(hole.At), Math.Max(comes, drill > 0 ? RoomBehind.DrillMm : 0))),
                };
        });
        var cuts = plane.Openings.Where(opening => opening is { IsToCut: true, Wall: PlaneWall.Floor }).Select(opening => new Thing(
            new PlaneSubject(plane.Id), $"The cut for {opening.Name}",
                Gap(Shapes.Of(opening).Distance(Shapes.Polygon(area.Area.Corners)), RoomBehind.DrillMm)));
        return Told(drilled.Concat(cuts), area.Name, $"{area.Name} behind {plane.Name}");
    }

    private static IEnumerable<Finding> Told(IEnumerable<Thing> things, string id, string name)
        => things.Where(thing => thing.Gap < SolidBody.MainsAwayMm).Select(thing => Finding.Of(
            SeatRules.MainsNear, thing.Subject, new MainsNear(id, new Millimetres(thing.Gap)),
            $"{thing.Name} comes within {Mm(Math.Max(0, thing.Gap))} of {name}, which carries mains or high voltage. Nothing of low voltage, no loose metal and no hole belongs within {Mm(SolidBody.MainsAwayMm)} of it, and more distance is not called safe here.",
            Evidence.Assumed, "move it away", $"leave {name} itself, its covers and its earth to a licensed person, by the code of the place"));

    private sealed record Thing(Subject Subject, string Name, double Gap);
}
