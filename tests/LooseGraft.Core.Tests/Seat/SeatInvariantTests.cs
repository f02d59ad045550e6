using CsCheck;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Cuts;
using LooseGraft.Core.Seat.Drawing;
using LooseGraft.Core.Seat.Placing;
using LooseGraft.Core.Seat.Reach;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>What must not matter: where one counts from, which way one looks, and in which order things were written down.</summary>
public sealed class SeatInvariantTests
{
    private static readonly Gen<Mount> AnyMount = Gen.Select(Eighths(5, 195), Eighths(5, 155), Eighths(1, 9), Gen.Enum<MountKind>(), Gen.Bool)
        .Select((x, y, height, kind, metal) => new Mount("m", kind, new PlanPoint(x, y), Mm(height)) { IsMetal = metal });

    private static readonly Gen<SeatBox> AnyBox = Gen.Select(Eighths(0, 170), Eighths(0, 130), Eighths(5, 30), Eighths(5, 30), Eighths(0, 20))
        .Select((x, y, width, depth, from) => Box("b", x, y, width, depth, 30, from: from));

    private static readonly Gen<Graft> Crowd = Gen.Select(AnyMount.Array[0, 5], AnyBox.Array[0, 6]).Select((mounts, boxes) =>
        Seated(Tray([.. mounts.Index().Select(pair => pair.Item with { Id = $"m{pair.Index}" })]) with { Lid = Mm(60) })
            .With([.. boxes.Index().Select(pair => pair.Item with { Id = $"b{pair.Index}" })]));

    [Fact]
    public void The_order_in_which_things_were_written_down_does_not_matter()
        => Crowd.Hold(graft =>
        {
            var turned = graft with
            {
                Seating = graft.Seating with
                {
                    Boxes = [.. graft.Seating.Boxes.Reverse()],
                    Planes = [graft.Seating.Planes[0] with { Mounts = [.. graft.Seating.Planes[0].Mounts.Reverse()] }],
                },
            };
            Assert.Equal(Said(graft), Said(turned));
        }, iter: 60);

    [Fact]
    public void Where_one_counts_from_does_not_matter()
        => Gen.Select(Crowd, Eighths(-400, 400), Eighths(-400, 400)).Hold((graft, x, y) =>
        {
            var by = new PlanPoint(x, y);
            var moved = Changed(graft, corner => corner + by, area => area with { X = area.X + x, Y = area.Y + y }, seat => seat with { At = seat.At + by });
            Assert.Equal(Said(graft), Said(moved));
        }, iter: 60);

    [Fact]
    public void Cuts_and_templates_count_from_the_corner_of_their_own_plane()
    {
        var graft = Seated(Tray(Mount("tab", 60, 40, 5, MountKind.Tab)))
            .At(seat => seat with { At = new PlanPoint(30, 20), Holes = [new HoleMounting(4, MountMethod.ThroughBolt)] });
        var by = new PlanPoint(-30, 55);
        var moved = Changed(graft, corner => corner + by, area => area, seat => seat with { At = seat.At + by });
        static IEnumerable<PlanPoint> Cuts(Graft of) => CutList.Of(of, SeatStage.Review(of)).Select(cut => cut.At);
        static PlanSheet Sheet(Graft of) => TemplateSheet.Of(of, SeatStage.Review(of), of.Seating.Planes[0]);
        // Hole h4, and under the board, which lies from 30 to 130 and 20 to 100, the standoff s4 and the tab.
        Assert.Equal([new(125, 95), new(115, 85), new(60, 40)], Cuts(graft));
        Assert.Equal(Cuts(graft), Cuts(moved));
        Assert.Equal(Sheet(graft).Circles, Sheet(moved).Circles);
        Assert.Equal(Sheet(graft).Paths.SelectMany(path => path.Corners), Sheet(moved).Paths.SelectMany(path => path.Corners));
        Assert.Equal(Sheet(graft).Labels, Sheet(moved).Labels);
    }

    [Fact]
    public void A_quarter_turn_of_everything_together_does_not_matter()
        => Crowd.Hold(graft =>
        {
            var turned = Changed(
                graft, corner
                => corner.Turned(90),
                area
                => PlanRectangle.Round([.. area.Corners.Select(corner => corner.Turned(90))]),
                seat => seat with { At = seat.At.Turned(90), TurnDegrees = 90 });
            Assert.Equal(Said(graft), Said(turned));
        }, iter: 60);

    [Fact]
    public void One_thing_more_never_takes_a_finding_of_another_away()
        => Gen.Select(Crowd, AnyBox).Hold((graft, box) =>
        {
            var more = graft with { Seating = graft.Seating with { Boxes = graft.Seating.Boxes.Add(box with { Id = "more" }) } };
            Assert.Subset(Messages(more).ToHashSet(), Messages(graft).ToHashSet());
        }, iter: 60);

    [Fact]
    public void A_thing_more_in_the_way_never_makes_a_way_shorter()
        => Gen.Select(Crowd, AnyBox).Hold((graft, box) =>
        {
            // From inside of something the way out may be told longer than it is, and a corner more may then help.
            if (graft.Seating.Boxes.Append(box).Any(each => each.Area.Holds(new PlanPoint(1, 1)) || each.Area.Holds(new PlanPoint(199, 159)))) return;
            var wired = graft with { Seating = graft.Seating with { Runs = [Run(1, 1, 199, 159, 500)] } };
            var more = wired with { Seating = wired.Seating with { Boxes = wired.Seating.Boxes.Add(box with { Id = "more" }) } };
            Assert.True((LeadReach.Of(more)[0].Needed?.Value ?? double.PositiveInfinity) >= LeadReach.Of(wired)[0].Needed!.Value.Value - 1e-6);
        }, iter: 60);

    [Fact]
    public void The_best_way_found_is_never_worse_than_the_seat_it_was_found_from()
        => Crowd.Hold(graft =>
        {
            var now = Placements.Judge(graft, graft.Seating.Seats[0])!;
            Assert.DoesNotContain(Placements.Of(graft, "board", "tray"), way => now.Beats(way));
        }, iter: 20);

    // Sums and differences of eighths are exact, so that what lies just at a limit lies there in every frame.
    private static Gen<double> Eighths(int least, int most) => Gen.Int[8 * least, 8 * most].Select(count => count / 8.0);

    private static Graft Changed(Graft graft, Func<PlanPoint, PlanPoint> place, Func<PlanRectangle, PlanRectangle> area, Func<BoardSeat, BoardSeat> seat)
        => graft with
        {
            Seating = graft.Seating with
            {
                Planes = [.. graft.Seating.Planes.Select(
                plane
                => plane with { Outline = [.. plane.Outline.Select(place)],
                Mounts = [.. plane.Mounts.Select(mount => mount with { At = place(mount.At) })] })],
                Seats = [.. graft.Seating.Seats.Select(seat)],
                Boxes = [.. graft.Seating.Boxes.Select(box => box with { Area = area(box.Area) })],
            },
        };

    private static IEnumerable<string> Messages(Graft graft) => SeatStage.Review(graft).Findings.Select(finding => finding.Message);

    // Codes and weights: what is said may name a corner by its place, or the two sides of a clash the other way round.
    private static string[] Said(Graft graft) => [.. SeatStage.Review(graft).Findings.Select(finding => $"{finding.Rule.Code} {finding.Severity}").Order()];
}
