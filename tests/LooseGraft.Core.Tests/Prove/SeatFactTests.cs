using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Tests.Seat;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Prove;

/// <summary>Places that nobody measured, in the list of what to prove.</summary>
public sealed class SeatFactTests
{
    [Fact]
    public void A_mount_is_weighed_by_what_moving_it_would_change_and_the_whole_review_says_the_same()
    {
        var graft = HoldingGrafts.Known(Evidence.Diagram);
        var list = Review.Of(graft).ProveList;
        Assert.Equal(["s1", "s2", "s3", "s4"], list.Select(entry => Assert.IsType<MountSubject>(entry.Fact.Subject).Mount).Order());
        foreach (var entry in list)
        {
            Assert.Equal(6, entry.Alternatives);
            Assert.True(entry.Weight >= Severity.Fix, entry.Worst?.ToString());
            foreach (var consequence in entry.Consequences.Where(each => each.Comes))
                Assert.Contains(Review.Of(Otherwise(graft, ((MountSubject)entry.Fact.Subject).Mount, consequence.Otherwise)).Findings,
                    finding => (finding.Rule, finding.Subject, finding.Severity) == (consequence.Finding.Rule,
                        consequence.Finding.Subject, consequence.Finding.Severity));
        }
    }

    [Fact]
    public void A_tab_that_may_be_taller_than_the_eye_said_weighs_a_stop_and_stands_first()
    {
        var first = Review.Of(Seated(Tray(
            Mount("t1", 60, 40, 1.9, MountKind.Tab) with { Evidence = Evidence.Assumed },
                Mount("t2", 90, 60, 0.9, MountKind.Tab) with { Evidence = Evidence.Assumed }))).ProveList[0];
        Assert.Equal((new MountSubject("tray", "t1"), Severity.Stop, "1 mm taller"),
            ((MountSubject)first.Fact.Subject, first.Weight!.Value, first.Worst!.Otherwise));
    }

    [Theory]
    [InlineData(122.9, true)]
    [InlineData(123.1, false)]
    public void What_stands_near_a_board_is_listed_and_what_stands_far_off_is_not(double x, bool isListed)
        => Assert.Equal(isListed, Review.Of(Seated(Tray(Mount("tab", x, 40, 3, MountKind.Tab) with { Evidence = Evidence.Assumed }))).ProveList.Any());

    [Theory]
    [InlineData(1.9, true)]
    [InlineData(2.1, false)]
    public void An_outline_is_weighed_by_two_millimetres_all_round(double free, bool changes)
    {
        var board = Board() with { Body = Board().Body! with { Evidence = Evidence.Diagram } };
        var tray = Tray() with { Outline = [.. new PlanRectangle(20 - free, 0, 180 + free, 160).Corners] };
        var entry = Assert.Single(Review.Of(Seated(tray, board)).ProveList);
        Assert.Equal(changes ? "SEAT-008" : null, entry.Worst?.Finding.Rule.Code);
    }

    [Fact]
    public void What_was_taken_out_or_measured_is_no_open_fact()
        => Assert.Empty(Review.Of(Seated(Tray(Mount("tab", 60, 40, 3) with { Evidence = Evidence.Assumed, State = MountState.Removed }))).ProveList);

    [Fact]
    public void Hundreds_of_mounts_are_listed_within_a_bound_and_none_is_lost()
    {
        var many = Enumerable.Range(0, 290).Select(index => Mount($"m{index}", 22 + (index % 29 * 3), 12 + (index / 29 * 7),
            1, MountKind.Bump) with
        { Evidence = Evidence.Assumed });
        var list = Review.Of(Seated(Tray([.. many]))).ProveList;
        Assert.Equal(290, list.Length);
        Assert.Contains(list, entry => entry.Alternatives == 0);
    }

    private static Graft Otherwise(Graft graft, string mount, string words)
    {
        var (x, y, taller) = words switch
        {
            "2 mm to the left" => (-2.0, 0.0, 0.0),
            "2 mm to the right" => (2, 0, 0),
            "2 mm to the rear" => (0, -2, 0),
            "2 mm to the front" => (0, 2, 0),
            "1 mm taller" => (0, 0, 1),
            _ => (0, 0, -1),
        };
        return graft with
        {
            Seating = graft.Seating.WithMount("tray", mount, found => found with
            {
                At = found.At + new PlanPoint(x, y),
                Height = Mm(found.Height.Value + taller),
                Evidence = Evidence.Measured,
            }),
        };
    }
}
