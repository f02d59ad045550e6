using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Prove;

public sealed class ProveListTests
{
    [Fact]
    public void The_first_contact_of_the_ferry_radiogram_is_one_whose_alternative_really_causes_a_stop()
    {
        var ferry = Demo("ferry-radiogram");
        var first = Review.Of(ferry).ProveList.First(entry => entry.Fact.Subject is PinSubject);
        Assert.Equal(Severity.Stop, first.Weight);
        var (port, position) = Assert.IsType<PinSubject>(first.Fact.Subject);
        var otherwise = Signal(first.Worst!.Otherwise);
        // The whole review, run on the graft in which the contact is what it might be, has a stop that it does not have now.
        var then = Review.Of(ferry.WithPin(port, position, each => each with { Signal = new(otherwise, Evidence.Measured) }));
        Assert.True(then.Stops > Review.Of(ferry).Stops);
    }

    [Fact]
    public void A_contact_that_could_short_a_supply_stands_above_one_that_could_only_stay_dark()
    {
        var list = Review.Of(
            Joined(Header("+5 V,power-light+", evidence: Evidence.Measured) with
            {
                Pins = [Pin(1, "+5 V"), Pin(2, "power-light+", Evidence.Diagram), Pin(3, "ground", Evidence.Diagram)],
                OwnColumns = 3,
            },
            Plug("none,power-light+,+5 V"), JointMethod.Splice, (2, 2))).ProveList;
        Assert.Equal([2, 3], list.Select(entry => Assert.IsType<PinSubject>(entry.Fact.Subject).Position));
        Assert.Equal(Severity.Stop, list[0].Weight);
        Assert.Null(list[1].Worst);
    }

    [Theory]
    [InlineData("ferry-radiogram")]
    [InlineData("lending-desk")]
    [InlineData("slide-projector")]
    [InlineData("weighbridge")]
    public void Running_only_the_rules_a_fact_can_reach_tells_the_same_as_running_all(string demo)
    {
        var graft = Demo(demo);
        var few = Review.Of(graft).ProveList;
        // Every rule on the whole graft, by giving each scene's parts and joints back before the rules run.
        foreach (var entry in few.Take(12))
        {
            if (entry.Fact.Subject is not PinSubject(var port, var position)) continue;
            foreach (var signal in entry.Consequences.Where(consequence => consequence.Comes))
            {
                var whole = Review.Of(graft.WithPin(port, position, each => each with { Signal = new(Signal(signal.Otherwise), Evidence.Measured) }));
                Assert.Contains(whole.Findings,
                    finding => finding.Rule == signal.Finding.Rule && finding.Subject == signal.Finding.Subject && finding.Severity == signal.Finding.Severity);
                Assert.DoesNotContain(
                    Review.Of(graft).Findings,
                    finding => finding.Rule == signal.Finding.Rule && finding.Subject == signal.Finding.Subject && finding.Severity == signal.Finding.Severity);
            }
        }
    }

    [Fact]
    public void Proving_what_is_believed_takes_a_fact_off_the_list()
    {
        var ferry = Demo("ferry-radiogram");
        var first = Review.Of(ferry).ProveList.First(entry => entry.Fact.Subject is PinSubject).Fact;
        var (port, position) = Assert.IsType<PinSubject>(first.Subject);
        var proven = ferry.WithPin(port, position, pin => pin with { Signal = pin.Signal with { Evidence = Evidence.Measured } });
        Assert.DoesNotContain(Review.Of(proven).ProveList, entry => entry.Fact.Subject == first.Subject);
    }

    [Fact]
    public void A_limit_that_is_only_assumed_is_weighed_by_a_fifth_less_and_a_draw_by_twice_as_much()
    {
        var supply = SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(10, Evidence.Assumed))], Combined = [], Total = null };
        var list = Review.Of(Fed(supply, Draw("+12 V", 9, Evidence.Diagram))).ProveList;
        Assert.Equal(2, list.Length);
        Assert.All(list, entry => Assert.Equal("FEED-001", entry.Worst!.Finding.Rule.Code));
        Assert.Contains(list, entry => entry.Worst!.Otherwise == "a fifth less");
        Assert.Contains(list, entry => entry.Worst!.Otherwise == "twice as much");
    }

    [Fact]
    public void Ten_thousand_unproven_contacts_are_listed_within_a_bound_and_none_is_lost()
    {
        var pins = string.Join(',', Enumerable.Repeat("ground,+5 V", 256));
        var parts = Enumerable.Range(0, 20).Select(index => Board(Header(pins, evidence: Evidence.Diagram)) with { Id = $"board-{index}" });
        var graft = Graft.Empty("many") with { Parts = [.. parts] };
        Assert.Equal(20 * 512, Review.Of(graft).ProveList.Length);
    }

    private static Graft Demo(string name) => GraftFile.Read(File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), name + ".json"))).Graft!;
}
