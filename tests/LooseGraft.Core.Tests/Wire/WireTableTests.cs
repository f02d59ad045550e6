using CsCheck;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Wire;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

public sealed class WireTableTests
{
    private static readonly Gen<string> AnySignal = Gen.OneOf(
        "+5 V", "+12 V", "ground", "ground", "power-switch", "power-light+", "power-light-", "none", "unknown");

    private static readonly Gen<double> SomeRewards = Gen.OneOf(0.0, 0, 0, 1, 2, 5);

    [Fact]
    public void Wires_that_may_change_places_are_told_and_doing_so_costs_nothing()
    {
        var review = Review.Of(Joined(Header("ground,+5 V,ground,none"), Plug("none,ground,+5 V,ground"))).Wire.Joints[0];
        Assert.Equal([1, 3], Assert.Single(review.Interchangeable));
        Assert.All(review.Proposal.Where(row => row.From is 1 or 3), row => Assert.True(review.From.Meet(4 - row.From, review.To, row.To).Judgement.IsRight));
    }

    [Fact]
    public void The_assignment_costs_as_little_as_the_best_of_all_permutations()
        => (from rows in Gen.Int[1, 5] from extra in Gen.Int[0, 2] from costs in Gen.Double[-50, 50].Array2D[rows, rows + extra] select costs).Hold(costs =>
        {
            var columns = Assignment.Cheapest(costs);
            Assert.Equal(columns.Length, columns.Distinct().Count());
            Assert.Equal(LeastCost(costs, 0, []), columns.Select((column, row) => costs[row, column]).Sum(), tolerance: 1e-9);
        });

    [Fact]
    public void Pairs_are_worth_as_much_as_the_best_of_all_pairings()
        => (from rows in Gen.Int[0, 5] from columns in Gen.Int[0, 5] from rewards in SomeRewards.Array2D[rows, columns] select rewards)
            .Hold(rewards =>
            {
                var pairs = Pairing.Best(rewards).Index().Where(pair => pair.Item >= 0).ToArray();
                Assert.Equal(pairs.Length, pairs.DistinctBy(pair => pair.Item).Count());
                Assert.All(pairs, pair => Assert.True(rewards[pair.Index, pair.Item] > 0));
                Assert.Equal(MostReward(rewards, 0, []), pairs.Sum(pair => rewards[pair.Index, pair.Item]));
            });

    [Fact]
    public void Contacts_that_only_their_number_tells_apart_are_judged_as_each_would_be_alone()
        => AnySignal.Array[1, 6].Select(AnySignal.Array[1, 6]).Hold((header, plug) =>
        {
            var (here, there) = (Terminals(header, PartKind.Board), Terminals(plug, PartKind.Panel));
            var table = new ContactTable(here, there);
            Assert.All(
                from one in here from other in there select (one, other),
                pair => Assert.Equal(Told(ContactRules.Judge(pair.one, pair.other)), Told(table.At(pair.one.Pin.Position, pair.other.Pin.Position))));
        });

    [Fact]
    public void A_proposed_table_is_right_at_every_wire_and_no_shorter_than_it_could_be()
        => AnySignal.Array[1, 5].Select(AnySignal.Array[1, 5]).Hold((header, plug) =>
        {
            var (from, to) = (Terminals(header, PartKind.Board), Terminals(plug, PartKind.Panel));
            var table = WireTable.Propose(from, to, []);
            Assert.All(table, row => Assert.True(ContactRules.Judge(from[row.From - 1], to[row.To - 1]).IsRight));
            Assert.Equal(MostPairs(from, to, 0, 0), table.Length);
        });

    [Fact]
    public void Wires_that_already_meet_stay_where_they_are()
    {
        var review = Review.Of(Bench.Joined(Bench.Header("ground,+5 V,ground,power-switch"), Bench.Plug("ground,ground,ground,power-switch"))).Wire.Joints[0];
        Assert.Equal([1, 3, 4], review.Proposal.Where(row => row.Stays).Select(row => row.From));
        Assert.Equal(0, review.WiresToMove);
    }

    [Fact]
    public void Wires_that_were_chosen_stay_even_where_the_plug_would_not_go_on()
    {
        var review = Review.Of(Bench.Joined(Bench.Header("+5 V,ground", "power-block"), Bench.Plug("ground,+5 V"), JointMethod.Rebuild, (2, 1))).Wire.Joints[0];
        Assert.Equal([(1, 2, false), (2, 1, true)], review.Proposal.Select(row => (row.From, row.To, row.Stays)));
    }

    [Fact]
    public void A_needed_contact_is_served_before_any_number_of_others()
    {
        var header = Bench.Header("ground,ground");
        header = header.With(header.Pins[1] with { NeededFor = "it does not start without" });
        var row = Assert.Single(Review.Of(Bench.Joined(header, Bench.Plug("ground"))).Wire.Joints[0].Proposal);
        Assert.Equal(2, row.From);
    }

    [Fact]
    public void A_contact_that_the_plug_needs_is_served_as_one_that_the_header_needs()
    {
        var plug = Bench.Plug("ground,ground");
        plug = plug.With(plug.Pins[1] with { NeededFor = "it does not start without" });
        var row = Assert.Single(Review.Of(Bench.Joined(Bench.Header("ground"), plug)).Wire.Joints[0].Proposal);
        Assert.Equal(2, row.To);
    }

    [Fact]
    public void A_needed_contact_goes_before_one_of_the_same_name_that_meets_it_already()
    {
        var header = Bench.Header("usb1-data+,usb2-data+");
        header = header.With(header.Pins[0] with { NeededFor = "the only keyboard" });
        var plug = Bench.Plug("none,usb2-data+");
        Assert.Equal(1, Assert.Single(Review.Of(Bench.Joined(header, plug)).Wire.Joints[0].Proposal).From);
        Assert.Equal(2, Assert.Single(Review.Of(Bench.Joined(Bench.Header("usb1-data+,usb2-data+"), plug)).Wire.Joints[0].Proposal).From);
    }

    private static Terminal[] Terminals(string[] signals, PartKind kind)
        => [.. signals.Select((signal, index) => new Terminal(Bench.Pin(index + 1, signal), kind))];

    private static object Told(ContactJudgement judgement) => (judgement.Outcome, judgement.Conflict, judgement.Severity, judgement.Evidence, judgement.Words);

    private static double MostReward(double[,] rewards, int row, HashSet<int> taken)
        => row == rewards.GetLength(0)
            ? 0
            : Enumerable.Range(0, rewards.GetLength(1)).Where(column => !taken.Contains(column))
                .Select(column => rewards[row, column] + MostReward(rewards, row + 1, [.. taken, column])).Append(MostReward(rewards, row + 1, taken)).Max();

    private static double LeastCost(double[,] costs, int row, HashSet<int> taken)
        => row == costs.GetLength(0)
            ? 0
            : Enumerable.Range(0, costs.GetLength(1)).Where(column => !taken.Contains(column))
                .Min(column => costs[row, column] + LeastCost(costs, row + 1, [.. taken, column]));

    private static int MostPairs(Terminal[] from, Terminal[] to, int row, int taken)
        => row == from.Length
            ? 0
            : Enumerable.Range(0, to.Length)
                .Where(column => (taken & (1 << column)) == 0 && from[row].Family != SignalFamily.Unknown && ContactRules.Judge(from[row], to[column]).IsRight)
                .Select(column => 1 + MostPairs(from, to, row + 1, taken | (1 << column)))
                .Append(MostPairs(from, to, row + 1, taken)).Max();
}
