using System.Text;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Files;
using LooseGraft.Core.Wire;
using LooseGraft.SlowJudge;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>Nets that are changed one at a time are those that would be found by walking everything anew.</summary>
public sealed class NetStateTests
{
    private const int Grafts = 60;

    [Fact]
    public void A_net_walked_again_is_what_it_would_be_from_the_start()
        => Assert.All(Enumerable.Range(1, Grafts), seed =>
        {
            var (netlist, random, taken) = (Made(seed), new Random(seed), new HashSet<Join>());
            bool IsMade(Join join) => !taken.Contains(join);
            var state = new NetState(netlist, IsMade);
            var before = Words(state);
            for (var steps = 0; steps < 8; steps++)
            {
                var join = netlist.Joins[random.Next(netlist.Joins.Length)];
                if (!taken.Add(join)) continue;
                var copy = state.Copy();
                if (state.Of(netlist.Contacts[join.One]) is { } net) state.Split(net);
                Assert.Equal(Words(new NetState(netlist, IsMade)), Words(state));
                Assert.Equal(Words(state), Words(copy.Without([join])));
                // What was copied is not touched by what comes after.
                if (steps == 0) Assert.Equal(before, Words(copy));
            }
        });

    [Fact]
    public void Closing_switches_joins_what_they_join_and_nothing_else()
        => Assert.All(Enumerable.Range(1, Grafts), seed =>
        {
            var (netlist, random) = (Made(seed), new Random(seed));
            // Any join may play the switch: the more there are, the more nets fall together in one step.
            var switches = netlist.Joins.Where(_ => random.Next(3) == 0).ToHashSet();
            var open = new NetState(netlist, join => !switches.Contains(join));
            var before = Words(open);
            Assert.Equal(Words(new NetState(netlist, _ => true)), Words(open.With(switches, _ => true)));
            Assert.Equal(before, Words(open));
        });

    private static Netlist Made(int seed) => WireStage.Review(GraftFile.Read(Encoding.UTF8.GetBytes(GraftMaker.Make(seed))).Graft!).Circuit.Netlist;

    [Fact]
    public void Every_two_that_act_on_a_net_are_a_pair_to_judge()
    {
        var net = Wired([Part(PartKind.Supply, "supply", "+5 V"), Part(PartKind.Board, "one", "<+5 V"), Part(PartKind.Drive, "two", "+5 V"),
            Part(PartKind.Lead, "lead", "none")], "supply/1-one/1", "one/1-two/1", "two/1-lead/1");
        Assert.Equal(9, new NetState(net, _ => true).Pairs);
    }

    private static string Words(NetState state)
        => string.Join("; ", state.Nets.Select(net => $"{string.Join(' ', net.Contacts.Select(contact => contact.Index))} ({net.Actors.Length})"));
}
