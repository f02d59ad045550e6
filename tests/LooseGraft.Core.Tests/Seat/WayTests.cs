using System.Globalization;
using CsCheck;
using LooseGraft.Core.Seat.Reach;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>Leads that shall take one way, and boxes that stand clear when they are turned.</summary>
public sealed class WayTests
{
    // Through the plane of 1 mm with a bend of 0 on either side.
    private const double ThroughMm = 1;

    [Fact]
    public void A_lead_that_shall_go_behind_is_told_how_much_it_lacks_there()
    {
        var graft = Leading(LeadWay.Behind, 200, (30, 20), (170, 20));
        // 120.4 to the first hole and as much from the second, 140 between them, twice through the plane, and 20 of slack.
        var needed = (2 * Math.Sqrt((20 * 20) + (120 * 120))) + 140 + 2 + 20;
        var finding = Assert.Single(Review.Of(graft).Seat.Findings, finding => finding.Rule.Code == "SEAT-016");
        Assert.StartsWith(string.Create(CultureInfo.InvariantCulture, $"lead is short by {needed - 200:0.#} mm: the way behind the base takes "), finding.Message);
        Assert.Equal("let it take the shortest way: that needs 200 mm", finding.Remedies[0]);
        Assert.DoesNotContain(Review.Of(Leading(null, 200, (30, 20), (170, 20))).Seat.Findings, finding => finding.Rule.Code == "SEAT-016");
    }

    [Theory]
    [InlineData(LeadWay.Behind, "has no way behind the base", "make two holes for it")]
    [InlineData(LeadWay.InFront, "has no way in front of the base", "move what stands in the way")]
    public void A_way_that_is_not_there_is_told_with_what_would_open_it(LeadWay way, string says, string remedy)
    {
        // A wall from side to side, and for the way in front holes that would lead round it behind.
        var graft = (way == LeadWay.Behind ? Leading(way, 500, (30, 20)) : Leading(way, 500, (30, 20), (170, 20))) is var leading && way == LeadWay.InFront
            ? leading with { Seating = leading.Seating with { Boxes = [Box("brace", 95, -5, 10, 170, 60)] } } : leading;
        var finding = Assert.Single(Review.Of(graft).Seat.Findings, finding => finding.Rule.Code == "SEAT-016");
        Assert.Contains(says, finding.Message);
        Assert.Contains(finding.Remedies, each => each.StartsWith(remedy, StringComparison.Ordinal));
    }

    // With nothing in the way the shortest way behind is that by the best pair of holes, however many it could go by.
    [Fact]
    public void The_way_behind_is_that_by_the_best_pair_of_holes()
        => Gen.Select(Gen.Int[5, 195], Gen.Int[5, 155]).Array[2, 5].Hold(holes =>
        {
            var graft = Leading(LeadWay.Behind, 900, [.. holes.Select(hole => ((double)hole.Item1, (double)hole.Item2))]);
            var (start, end) = (new PlanPoint(10, 140), new PlanPoint(190, 140));
            var places = holes.Select(hole => new PlanPoint(hole.Item1, hole.Item2)).ToArray();
            var best = (from one in places.Index()
                        from other in places.Index()
                        where one.Index != other.Index
                        select start.To(one.Item) + one.Item.To(other.Item) + other.Item.To(end)).Min() + (2 * ThroughMm) + 20;
            Assert.Equal(best, Assert.Single(LeadReach.Of(graft)).Needed!.Value.Value, 6);
        }, iter: 200);

    [Theory]
    [InlineData(20.01, true)]
    [InlineData(19.99, false)]
    public void A_turn_is_proposed_where_it_stands_clear(double free, bool isProposed)
    {
        // A fan of 40 × 20 that reaches 20 mm into a cage; turned it is 20 wide, and so much is free beside the cage.
        var graft = Seated().With(Box("cage", 0, 100, 150, 50, 40), Box("fan", 130, 110, 40, 20, 40), Box("brace", 150 + free, 90, 10, 70, 40));
        var remedies = Review.Of(graft).Seat.Findings.Where(finding => finding.Rule.Code == "SEAT-013").SelectMany(finding => finding.Remedies);
        Assert.Equal(isProposed, remedies.Any(each => each.StartsWith("turn fan by a quarter, with its corner at 150 and", StringComparison.Ordinal)));
    }

    // A fan of 40 by 20 in a gap that is 20 wide and ends at the edge: turned it just reaches the edge, or goes a hair beyond. From each of the four sides.
    [Theory]
    [InlineData(0)]
    [InlineData(90)]
    [InlineData(180)]
    [InlineData(270)]
    public void A_turn_keeps_within_every_edge(double turn)
    {
        foreach (var (free, isProposed) in new[] { (40.01, true), (39.99, false) })
        {
            // Three things in a gap so wide that ends at the edge, turned about the middle of the plane.
            PlanRectangle Of(double fromX, double fromY, double width, double depth) => PlanRectangle.Round(
                [.. new PlanRectangle(fromX - 100, fromY - 100, width, depth).Corners.Select(corner => corner.Turned(turn) + new PlanPoint(100, 100))]);

            SeatBox Thing(string id, double fromX, double fromY, double width, double depth)
                => Box(id, 0, 0, 1, 1, 40) with { Area = Of(fromX, fromY, width, depth) };
            var plane = new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 200, 200).Corners]);
            var graft = Graft.Empty("turned") with { Seating = new Seating { Planes = [plane] } };
            graft = graft.With(Thing("fan", 100, 200 - free, 40, 20), Thing("cage", 120, 200 - free, 80, free), Thing("brace", 0, 200 - free - 5, 200, 5),
                Thing("wall", 0, 200 - free, 100, free));
            var remedies = Review.Of(graft).Seat.Findings.Where(finding => finding.Rule.Code == "SEAT-013").SelectMany(finding => finding.Remedies);
            Assert.Equal(isProposed, remedies.Any(each => each.StartsWith("turn fan by a quarter", StringComparison.Ordinal)));
        }
    }

    // Before and behind the fan something comes down, under which it would stand when turned.
    [Theory]
    [InlineData(41, true)]
    [InlineData(39, false)]
    public void A_turn_is_not_proposed_where_another_rule_would_tell_of_it(double ceiling, bool isProposed)
    {
        Ceiling Shelf(double y) => new("shelf", new PlanRectangle(150, y, 20, 48), Mm(ceiling));
        var plane = Tray() with { Ceilings = [Shelf(60), Shelf(131)] };
        var graft = Seated(plane).With(Box("cage", 0, 100, 150, 50, 40), Box("fan", 130, 110, 40, 20, 40), Box("brace", 171, 90, 10, 41, 40));
        var remedies = Review.Of(graft).Seat.Findings.Where(finding => finding.Rule.Code == "SEAT-013").SelectMany(finding => finding.Remedies);
        Assert.Equal(isProposed, remedies.Any(each => each.StartsWith("turn fan by a quarter", StringComparison.Ordinal)));
    }

    [Fact]
    public void What_is_turned_as_proposed_is_in_nothings_way()
    {
        var proposed = 0;
        Gen.Select(Gen.Int[0, 150], Gen.Int[95, 130], Gen.Int[2, 10], Gen.Int[2, 5]).Array[2, 5].Hold(places =>
        {
            var graft = Seated().With([.. places.Select((place, index) => Box($"b{index}", place.Item1, place.Item2, place.Item3 * 5, place.Item4 * 5, 30))]);
            foreach (var finding in Review.Of(graft).Seat.Findings.Where(finding => finding.Rule.Code == "SEAT-013"))
            {
                foreach (var words in finding.Remedies.Select(each => each.Split(' ')).Where(words => words is ["turn", _, "by", ..]))
                {
                    var corner = new PlanPoint(double.Parse(words[9], CultureInfo.InvariantCulture),
                        double.Parse(words[11].TrimEnd(':'), CultureInfo.InvariantCulture));
                    var turned = graft.Seating.Boxes.Select(box => box.Id != words[1] ? box
                        : box with { Area = new PlanRectangle(corner.X, corner.Y, box.Area.Depth, box.Area.Width) });
                    Assert.DoesNotContain(Review.Of(graft with { Seating = graft.Seating with { Boxes = [.. turned] } }).Seat.Clashes,
                        clash => clash.One.Id == words[1] || clash.Other.Id == words[1]);
                    proposed++;
                }
            }

        }, iter: 100);
        Assert.True(proposed > 20, $"only {proposed} turns");
    }

    private static Graft Leading(LeadWay? way, double length, params (double X, double Y)[] holes)
        => Seated(Tray() with
        {
            Mounts = [],
            Openings = [.. holes.Select((hole, index) => new Opening($"w{index}", $"way {index}", OpeningKind.Way, PlaneWall.Floor,
                new PlanRectangle(hole.X - 2, hole.Y - 2, 4, 4)))],
        }).With(Run(10, 140, 190, 140, length) with { Way = way });
}
