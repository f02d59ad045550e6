using CsCheck;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Placing;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

public sealed class PlacementTests
{
    private static readonly Gen<PlanPoint> Place = Gen.Select(Gen.Double[0, 12], Gen.Double[0, 12]).Select((x, y) => new PlanPoint(x, y));

    [Fact]
    public void No_shift_of_a_fine_grid_meets_more_mounts_than_the_search()
        => Gen.Select(Place.Array[1, 4], Place.Array[1, 6], Gen.Double[0.3, 1.2], Gen.Int[0, 3].Select(quarter => quarter * 90.0))
            .Hold((holes, mounts, slack, turn) =>
        {
            var fits = PlacementSearch.Of([.. holes.Select(hole => (hole, slack))], mounts, turn);
            var best = fits[0].Pairs.Length;
            Assert.All(fits, fit =>
                Assert.All(fit.Pairs, pair => Assert.True((holes[pair.Hole].Turned(turn) + fit.Shift).To(mounts[pair.Mount]) <= slack + 1e-6)));
            Assert.All(fits, fit => Assert.Equal(fit.Pairs.Length, fit.Pairs.DistinctBy(pair => pair.Mount).Count()));
            for (var x = -14.0; x <= 26; x += 0.2)
            {
                for (var y = -14.0; y <= 26; y += 0.2) Assert.True(Met(holes, mounts, slack - 1e-9, turn, new PlanPoint(x, y)) <= best);
            }
        }, iter: 12);

    [Fact]
    public void A_board_whose_holes_match_is_found_turned_and_shifted()
    {
        var turned = Tray() with { Mounts = [.. Corners.Select((corner, index) => Mount($"s{index}", 150 - corner.Y, 40 + corner.X))] };
        var best = Placements.Of(Seated(turned), "board", "tray")[0];
        Assert.Equal((4, 0, 90.0), (best.Met, best.ToDrill, best.Seat.TurnDegrees));
        Assert.Equal(0, best.Seat.At.To(new PlanPoint(150, 40)), 6);
    }

    [Fact]
    public void The_list_holds_no_way_that_another_beats()
    {
        var tray = Tray(Mount("odd", 60, 50), Mount("far", 305, 30)) with { Outline = [.. new PlanRectangle(0, 0, 420, 160).Corners] };
        var all = Placements.Of(Seated(tray), "board", "tray", angle: 45);
        Assert.DoesNotContain(all, one => all.Any(other => other.Beats(one)));
        Assert.Contains(all, one => one is { Met: 4, ToRemove: 1 });
        Assert.Contains(all, one => one.ToRemove == 0);
    }

    [Fact]
    public void A_hole_is_met_within_the_slack_of_its_screw_and_not_beyond()
    {
        HoleMeeting First(double off) => SeatedBoard.Of(Seated().At(seat => seat with { At = new PlanPoint(20 + off, 10) }))[0].Holes[0];
        Assert.NotNull(First(0.3).Mount);
        Assert.Null(First(0.31).Mount);
        Assert.Equal(0.31, First(0.31).NearestOff!.Value, 6);
    }

    [Fact]
    public void One_mount_takes_the_screw_of_one_hole()
    {
        var board = Board() with { Holes = [new MountHole(5, 5, Mm(4.4)), new MountHole(5.8, 5, Mm(4.4))] };
        var seated = SeatedBoard.Of(Seated(board: board).At(seat => seat with { At = new PlanPoint(19.3, 10) }))[0];
        Assert.Equal([null, "s1"], seated.Holes.Select(hole => hole.Mount?.Id));
    }

    [Fact]
    public void Ports_are_brought_to_their_opening_where_no_mount_helps()
    {
        var tray = Tray() with { Mounts = [], Openings = [new Opening("io", "opening", OpeningKind.Ports, PlaneWall.Left, new PlanRectangle(50, 5, 60, 30))] };
        var best = Placements.Of(Seated(tray, Board(Socket("usb", 30, 0, PortFacing.Rear))), "board", "tray");
        var way = Assert.Single(best, one => one.EdgeOffset < 0.01);
        Assert.Equal(270, way.Seat.TurnDegrees);
    }

    [Theory]
    [InlineData(15)]
    [InlineData(110)]
    public void What_a_board_runs_into_is_counted_on_whichever_side_it_stands(double x)
    {
        var graft = Seated().With(Box("cage", x, 40, 20, 20, 40));
        Assert.Equal(1, Placements.Judge(graft, graft.Seating.Seats[0])!.Clashes);
        Assert.Equal(0, Placements.Judge(Seated(), graft.Seating.Seats[0])!.Clashes);
    }

    private static int Met(PlanPoint[] holes, PlanPoint[] mounts, double slack, double turn, PlanPoint shift)
    {
        // Every way to pair them, by trying each mount or none for each hole in turn.
        int From(int hole, int used) => hole == holes.Length ? 0 : Enumerable.Range(0, mounts.Length)
            .Where(mount => (used & (1 << mount)) == 0 && (holes[hole].Turned(turn) + shift).To(mounts[mount]) <= slack)
            .Select(mount => 1 + From(hole + 1, used | (1 << mount))).Append(From(hole + 1, used)).Max();
        return From(0, 0);
    }
}
