using System.Text;
using CsCheck;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Wire;
using LooseGraft.SlowJudge;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What flows is what a second judge finds, which reads the document itself and solves every contact of it at once.</summary>
public sealed class SlowFeedTests
{
    [Fact]
    public void What_each_rail_gives_and_each_contact_passes_is_what_the_dense_solution_says() => Gen.Int[0, int.MaxValue].Hold(Agree, iter: 500);

    private static void Agree(int seed)
    {
        var json = FeedMaker.Make(seed);
        var slow = new SlowFeed(json);
        var graft = Read(json);
        var flows = Flows(graft);
        var most = 1e-6 * Math.Max(1, slow.Rails.Max(rail => rail.Amps));
        foreach (var (name, amps) in slow.Rails)
        {
            var supply = graft.Supplies.First(each => name.StartsWith(each.Id + " ", StringComparison.Ordinal));
            var rail = supply.Rails.First(each => name == $"{supply.Id} {each.Name}");
            Assert.Equal(amps, flows.Of(supply, rail).Sum(term => term.Weight * term.Flow.At(LoadCase.Peak).Likely.Value) / rail.Voltage.Value, most);
        }

        var at = PassingContacts(flows, graft);
        Assert.NotEmpty(at);
        foreach (var (contact, amps) in slow.Out)
        {
            // What carries nothing is in no piece that is fed.
            Assert.Equal(amps, at.GetValueOrDefault(contact), most);
        }
    }

    /// <summary>A graft of the second judge's maker.</summary>
    internal static Graft Made(int seed) => Read(FeedMaker.Make(seed));

    /// <summary>What a tap takes at peak.</summary>
    internal static double AmpsOf(FeedFlows flows, int tap)
        => flows.All.Single(flow => flow.Consumer == flows.Network.Taps[tap].Part && flow.Subject == SubjectOf(flows.Network.Taps[tap]))
            .At(LoadCase.Peak).Likely.Value;

    private static Graft Read(string json)
    {
        var read = GraftFile.Read(Encoding.UTF8.GetBytes(json));
        Assert.Empty(read.Errors);
        return read.Graft!;
    }

    private static Subject SubjectOf(FeedTap tap)
        => tap.Draw is { } draw ? new DrawSubject(tap.Load!.Id, draw.Rail, draw.Socket) : new SupplySubject(tap.Feeds!.Id);

    private static Dictionary<string, double> PassingContacts(FeedFlows flows, Graft graft)
    {
        var contacts = WireStage.Review(graft).Circuit.Netlist.Contacts;
        var amps = Enumerable.Range(0, flows.Network.Taps.Length).Select(tap => AmpsOf(flows, tap)).ToArray();
        return flows.Network.Places.Where(place => place.Key.Kind is FeedLimitKind.Plug or FeedLimitKind.Port).SelectMany(place => place.Branches)
            .Where(passed => passed.Contact is not null)
            .GroupBy(passed => $"{contacts[passed.Contact!.Value].Id.Port}/{contacts[passed.Contact!.Value].Pin.Position}")
            .ToDictionary(same => same.Key, same => same.Sum(passed => flows.Network.Along([passed]).Sum(each => each.Share * amps[each.Tap])));
    }
}
