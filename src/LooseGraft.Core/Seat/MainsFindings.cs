using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Reach;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on what stays away from mains and high voltage. That nothing is told never means that a distance is safe.</summary>
internal static class MainsFindings
{
    public static IEnumerable<Finding> Of(Graft graft, ImmutableArray<SeatedBoard> boards, ImmutableArray<SolidBody> bodies)
        => bodies.Where(body => body.IsMains).SelectMany(mains => Near(graft, boards, bodies, mains));

    private static IEnumerable<Finding> Near(Graft graft, ImmutableArray<SeatedBoard> boards, ImmutableArray<SolidBody> bodies, SolidBody mains)
    {
        var things = bodies.Where(body => body.Plane == mains.Plane && !body.IsMains && body.Box?.IsMetal != false)
            .Select(body => (Subject: Subject(body), body.Name, Gap: Clash.Distance(mains, body)))
            .GroupBy(thing => thing.Subject).Select(same => same.MinBy(thing => thing.Gap));
        var holes = boards.Where(board => board.Plane.Id == mains.Plane).SelectMany(board => board.Holes, (board, hole) => (board, hole))
            .Where(pair => pair.hole is { Mount: null, Method: { } method } && MountMethodFact.Of(method).DrillMm > 0)
            .Select(pair => ((Subject)new HoleSubject(pair.board.Board.Id, pair.hole.Number), $"The hole to drill for {pair.hole.Name} of {pair.board.Board.Name}",
                mains.Shape.Distance(Shapes.Point(pair.hole.At))));
        var cuts = graft.Seating.FindPlane(mains.Plane)?.Openings.Where(opening => opening is { IsToCut: true, Wall: PlaneWall.Floor })
            .Select(opening
                => ((Subject)new PlaneSubject(mains.Plane), $"The cut for {opening.Name}", mains.Shape.Distance(Shapes.Polygon(opening.Area.Corners)))) ?? [];
        var leads = graft.Seating.Runs.Where(run => run.Plane == mains.Plane)
            .SelectMany(run => new[] { run.From, run.To }, (run, end) => (run, At: LeadReach.Place(end, run.Plane, boards))).Where(pair => pair.At is not null)
            .Select(pair => ((Subject)new RunSubject(pair.run.Id), $"An end of {pair.run.Name}", mains.Shape.Distance(Shapes.Point(pair.At!.Value))));
        return things.Concat(holes).Concat(cuts).Concat(leads).Where(thing => thing.Item3 < SolidBody.MainsAwayMm).Select(thing => Finding.Of(
            SeatRules.MainsNear, thing.Item1, new MainsNear(mains.Id, new Millimetres(thing.Item3)),
            $"{thing.Item2} comes within {Mm(Math.Max(0, thing.Item3))} of {mains.Name}, which carries mains or high voltage. Nothing of low voltage, no loose metal and no hole belongs within {Mm(SolidBody.MainsAwayMm)} of it, and more distance is not called safe here.",
            Evidence.Assumed, "move it away", $"leave {mains.Name} itself, its covers and its earth to a licensed person, by the code of the place"));
    }

    private static Subject Subject(SolidBody body) => body.Box is not null ? new BoxSubject(body.Id) : new SeatSubject(body.Owner);
}
