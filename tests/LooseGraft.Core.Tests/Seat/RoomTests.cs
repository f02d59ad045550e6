using CsCheck;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Reach;
using LooseGraft.Core.Seat.Standing;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>What wants the same room, what lies under a board, and how far leads reach.</summary>
public sealed class RoomTests
{
    private static readonly Gen<SeatBox> AnyBox = Gen.Select(
        Gen.Double[0, 60], Gen.Double[0, 60], Gen.Double[1, 25], Gen.Double[1, 25], Gen.Double[0, 20], Gen.Double[1, 15])
        .Select((x, y, width, depth, from, height) => Box("box", x, y, width, depth, height, from: from));

    [Fact]
    public void The_sweep_finds_what_comparing_every_pair_finds()
        => Gen.Select(AnyBox, Gen.Double[0, 3]).Select((box, clearance) => box with { Clearance = Mm(clearance) }).Array[2, 25].Hold(boxes =>
        {
            var graft = Seated().With([.. boxes.Index().Select(pair => pair.Item with { Id = $"b{pair.Index}" })]) with { Parts = [] };
            var bodies = SolidBody.Of(graft);
            var pairs = (from one in bodies.Index()
                         from other in bodies.Index()
                         where one.Index < other.Index
                         let clash = Clash.Between(one.Item, other.Item)
                         where clash is not null
                         select clash.Gap).Order();
            Assert.Equal(pairs.Select(gap => Math.Round(gap, 6)), Clash.Of(bodies).Select(clash => Math.Round(clash.Gap, 6)).Order());
        }, iter: 200);

    [Fact]
    public void A_clash_says_the_move_that_parts_them_and_no_smaller_one_along_an_axis_does()
        => Gen.Select(AnyBox, AnyBox).Hold((one, other) =>
        {
            SolidBody Body(SeatBox box, ClashMove move) => new(box.Name, box.Id, "tray", "tray",
                [.. box.Area.Corners.Select(corner => corner + new PlanPoint(move.X, move.Y))], box.From.Value + move.Up,
                box.From.Value + box.Height.Value + move.Up, 0, BodyKind.Box, box);
            if (Clash.Between(Body(one, default), Body(other, default)) is not { Gap: < -0.01 } clash) return;
            Assert.Null(Clash.Between(Body(one, default), Body(other, new(clash.Move.X * 1.001, clash.Move.Y * 1.001, clash.Move.Up * 1.001))));
            foreach (var (x, y, up) in new (int, int, int)[] { (1, 0, 0), (-1, 0, 0), (0, 1, 0), (0, -1, 0), (0, 0, 1), (0, 0, -1) })
                Assert.NotNull(Clash.Between(Body(one, default), Body(other, new(x * -clash.Gap * 0.99, y * -clash.Gap * 0.99, up * -clash.Gap * 0.99))));
        }, iter: 300);

    [Fact]
    public void A_turned_card_clashes_where_its_true_outline_does_and_not_where_its_bounds_do()
    {
        var graft = Seated().At(seat => seat with { At = new PlanPoint(100, 10), TurnDegrees = 45 });
        Assert.Empty(Clash.Of(SolidBody.Of(graft.With(Box("corner", 60, 15, 8, 8, 20)))));
        Assert.NotEmpty(Clash.Of(SolidBody.Of(graft.With(Box("middle", 95, 60, 8, 8, 20)))));
    }

    // Half of a tab lies under solder, whose ends reach 2.5 mm down, half under a back plate that reaches 3.
    [Theory]
    [InlineData(55, "back plate", -1)]
    [InlineData(40, "solder", -0.5)]
    public void Of_all_that_lies_over_a_thing_the_least_air_is_told(double x, string where, double gap)
    {
        var plate = new BodyZone(BodyZoneKind.Below, "back plate", new PlanRectangle(35, 20, 30, 40)) { Height = Mm(3), Conducts = true };
        var board = Board() with { Body = Board().Body! with { Zones = [plate] } };
        var under = Assert.Single(Beneath.OfMounts(SeatedBoard.Of(Seated(Tray(Mount("tab", x, 50, 4.5, MountKind.Tab)), board))[0]));
        Assert.Equal((where, gap), (under.Where, Math.Round(under.Gap, 6)));
    }

    [Theory]
    [InlineData(6.5, BeneathVerdict.Shorts, -2.5)]
    [InlineData(2.1, BeneathVerdict.Shorts, 1.9)]
    [InlineData(2.0, BeneathVerdict.Clear, 2.0)]
    public void Metal_under_solder_shorts_unless_it_leaves_room_for_a_board_that_bends(double height, BeneathVerdict verdict, double gap)
    {
        var under = Assert.Single(Beneath.OfMounts(SeatedBoard.Of(Seated(Tray(Mount("tab", 60, 40, height, MountKind.Tab))))[0]));
        Assert.Equal((verdict, gap), (under.Verdict, Math.Round(under.Gap, 6)));
    }

    [Fact]
    public void Insulation_bare_board_and_the_ring_round_a_hole_spare_it()
    {
        var tab = Mount("tab", 60, 40, 6, MountKind.Tab);
        BeneathVerdict Verdict(Mount mount, Part? board = null) => Beneath.OfMounts(SeatedBoard.Of(Seated(Tray(mount), board))[0]).First().Verdict;
        var bare = Board();
        bare = bare with { Body = bare.Body! with { Zones = [new BodyZone(BodyZoneKind.BareBoard, "aerial", new PlanRectangle(30, 20, 20, 20))] } };
        Assert.Equal(BeneathVerdict.Shorts, Verdict(tab));
        Assert.Equal(BeneathVerdict.Clear, Verdict(tab, bare));
        Assert.Equal(BeneathVerdict.Lifts, Verdict(tab with { State = MountState.Insulated }));
        Assert.Equal(BeneathVerdict.Clear, Verdict(Mount("near", 26, 15, 6, MountKind.Bump) with { Across = Mm(4) }));
        Assert.Empty(Beneath.OfMounts(SeatedBoard.Of(Seated(Tray(tab with { State = MountState.Removed })))[0]));
    }

    [Fact]
    public void A_lead_goes_round_what_stands_in_its_way_and_never_shorter_than_the_grid_says()
        => Gen.Select(Gen.Int[0, 18], Gen.Int[0, 14], Gen.Int[1, 6], Gen.Int[1, 6]).Array[1, 5].Hold(rows =>
        {
            var boxes = rows.Index()
                .Select(pair => Box($"b{pair.Index}", (pair.Item.Item1 * 10) + 2, (pair.Item.Item2 * 10) + 2, (pair.Item.Item3 * 10) - 4,
                (pair.Item.Item4 * 10) - 4, 50)).ToArray();
            if (boxes.Any(box => box.Area.Holds(new PlanPoint(0, 0)) || box.Area.X + box.Area.Width > 198 || box.Area.Y + box.Area.Depth > 158)) return;
            var graft = (Seated().With(boxes) with { Parts = [] }).With(Run(0, 0, 200, 160));
            var reach = LeadReach.Of(graft)[0];
            Assert.NotNull(reach.Needed);
            var grid = GridWay(boxes);
            Assert.InRange(reach.Needed.Value.Value - 20, new PlanPoint(0, 0).To(new PlanPoint(200, 160)) - 1e-6, grid + 1e-6);
            Assert.Equal(reach.Needed.Value.Value - 20, reach.Steps.Zip(reach.Steps.Skip(1)).Sum(pair => pair.First.At.To(pair.Second.At)), 6);
        }, iter: 60);

    [Fact]
    public void The_way_behind_the_plane_is_taken_where_it_is_shorter()
    {
        var hole = (string id, double x) => new Opening(id, id, OpeningKind.Way, PlaneWall.Floor, new PlanRectangle(x, 75, 10, 10));
        var wall = Box("wall", 95, 0, 10, 150, 50);
        var closed = (Seated().With(wall) with { Parts = [] }).With(Run(10, 80, 190, 80, 400));
        var open = closed with { Seating = closed.Seating with { Planes = [Tray() with { Openings = [hole("a", 60), hole("b", 130)] }] } };
        var (round, behind) = (LeadReach.Of(closed)[0], LeadReach.Of(open)[0]);
        Assert.False(round.IsHidden);
        Assert.True(behind.IsHidden);
        Assert.Equal(180 + 2 + 20, behind.Needed!.Value.Value, 6);
        Assert.True(round.Needed!.Value > behind.Needed!.Value);
    }

    [Theory]
    [InlineData(240.0, ReachVerdict.Reaches, 40)]
    [InlineData(210.0, ReachVerdict.Tight, 10)]
    [InlineData(190.0, ReachVerdict.FallsShort, -10)]
    public void A_length_is_compared_with_way_drops_and_slack(double length, ReachVerdict verdict, double spare)
    {
        var run = Run(10, 80, 170, 80, length);
        var reach = LeadReach.Of((Seated() with { Parts = [] }).With(run with { To = run.To with { Drop = 20 } }))[0];
        Assert.Equal((verdict, spare), (reach.Verdict, Math.Round(reach.Spare!.Value, 6)));
        Assert.Equal(verdict == ReachVerdict.Reaches, reach.Cures.IsEmpty);
    }

    // Eight-way shortest path on a grid of 2 mm, which a lead could also take.
    private static double GridWay(SeatBox[] boxes)
    {
        bool Free(int x, int y)
            => x is >= 0 and <= 100 && y is >= 0 and <= 80
            && !boxes.Any(box => 2 * x > box.Area.X && 2 * x < box.Area.X + box.Area.Width && 2 * y > box.Area.Y && 2 * y < box.Area.Y + box.Area.Depth);
        var best = new Dictionary<(int, int), double> { [(0, 0)] = 0 };
        var queue = new PriorityQueue<(int X, int Y), double>();
        queue.Enqueue((0, 0), 0);
        while (queue.TryDequeue(out var at, out var far))
        {
            if (at == (100, 80)) return far;
            if (far > best[at]) continue;
            foreach (var (dx, dy) in from dx in new[] { -1, 0, 1 } from dy in new[] { -1, 0, 1 } where (dx, dy) != (0, 0) select (dx, dy))
            {
                var (next, length) = ((at.X + dx, at.Y + dy), far + (2 * Math.Sqrt((dx * dx) + (dy * dy))));
                if (!Free(next.Item1, next.Item2) || length >= best.GetValueOrDefault(next, double.MaxValue)) continue;
                best[next] = length;
                queue.Enqueue(next, length);
            }
        }

        return double.PositiveInfinity;
    }
}
