using CsCheck;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Adapters;

namespace LooseGraft.Core.Tests.Wire;

public sealed class AdapterSearchTests
{
    private static readonly string[] Shapes = ["peripheral-power-4", "floppy-power-4", "cpu-power-4", "drive-power-15"];

    private static readonly Gen<Adapter> AnyAdapter = Gen.Select(Gen.Int[0, 3], Gen.Int[0, 3], Gen.Int[1, 9]).Select((inner, outer, price)
        => new Adapter(new Part("adapter", $"{Shapes[inner]} to {Shapes[outer]} for {price}", PartKind.Adapter), "", Usual("inner", Shapes[inner], Gender.Male),
            Usual("outer", Shapes[outer], Gender.Female), new PriceSpan(price, price, price), false));

    [Fact]
    public void A_floppy_drive_is_fed_from_a_drive_plug_by_two_adapters_in_a_row()
    {
        var chain = Find("floppy-power-4", "drive-power-15", Adapter.Sold)[0];
        Assert.Equal(["Adapter, drive plug to peripheral plug", "Adapter, peripheral plug to floppy plug"], chain.Adapters.Select(adapter => adapter.Name));
        Assert.Equal(8, chain.Price.Likely);
        Assert.All(chain.Review.Decided, contact => Assert.True(contact.Judgement.IsRight));
    }

    [Fact]
    public void The_USB_3_adapter_keeps_the_pairs_together_though_the_halves_lie_elsewhere()
    {
        var chain = Assert.Single(Find("usb3-header", "usb2-header", Adapter.Sold));
        Assert.Equal(0, chain.Lost);
        Assert.DoesNotContain(chain.Review.Findings, finding => finding.Rule.Code is "WIRE-060" or "WIRE-016");
    }

    [Fact]
    public void What_is_owned_costs_nothing_and_comes_first()
    {
        var owned = Adapter.Sold.First(adapter => adapter.Inner.Type.Id == "atx-main-24") with { Price = PriceSpan.Free, IsOwned = true };
        Assert.True(Find("atx-main-20", "atx-main-24", [.. Adapter.Sold, owned])[0].Adapters[0].IsOwned);
    }

    [Fact]
    public void What_lies_in_the_graft_is_offered_until_a_joint_takes_it()
    {
        var adapter = new Part("adapter", "adapter", PartKind.Adapter)
        {
            Ports = [Usual("in", "peripheral-power-4", Gender.Male), Usual("out", "drive-power-15", Gender.Female)],
        };
        var board = Bench.Board(Usual("header", "drive-power-15", Gender.Male));
        var graft = Graft.Empty("test") with { Parts = [adapter, board, new Part("panel", "panel", PartKind.Panel)] };
        Assert.Equal([("in", "out"), ("out", "in")], Adapter.In(graft).Select(use => (use.Inner.Id, use.Outer.Id)));
        Assert.Empty(Adapter.In(graft with { Joints = [new Joint("j", new PortId("board", "header"), new PortId("adapter", "out"), JointMethod.Straight)] }));
    }

    [Fact]
    public void Only_what_is_wired_and_known_goes_through()
    {
        var (inner, outer) = (Bench.Plug("+5 V,ground,none,unwired"), Bench.Header("ground,+5 V,none,+5 V"));
        var adapter = new Adapter(new Part("adapter", "adapter", PartKind.Adapter), "", inner, outer, PriceSpan.Free, IsOwned: true);
        Assert.Equal([[2, 4], [1], [], []], Enumerable.Range(1, 4).Select(position => adapter.Through(position).ToArray()));
        var apart = adapter with { Outer = outer.With(outer.Pins[1] with { Contact = ContactState.Unwired }) };
        Assert.Equal([4], apart.Through(1));
        Assert.Empty((adapter with { Inner = inner.With(inner.Pins[0] with { Contact = ContactState.Absent }) }).Through(1));
    }

    [Fact]
    public void One_whose_wires_are_described_leads_where_they_lead_whatever_is_written_on_it()
    {
        var (inner, outer) = (Bench.Plug("+5 V,ground,ground"), Bench.Header("+5 V,ground,ground"));
        var crossed = new Part("adapter", "adapter", PartKind.Adapter)
        {
            Ports = [inner, outer],
            Links =
            [
                new PartLink(new InnerEnd(inner.Id, 1), new InnerEnd(outer.Id, 2), LinkKind.Wire),
                new PartLink(new InnerEnd(outer.Id, 2), new InnerEnd(outer.Id, 3), LinkKind.Wire),
                new PartLink(new InnerEnd(inner.Id, 2), new InnerEnd(outer.Id, 1), LinkKind.Fuse),
            ],
        };
        var adapter = new Adapter(crossed, "", inner, outer, PriceSpan.Free, IsOwned: true);
        Assert.Equal([[2, 3], [], []], Enumerable.Range(1, 3).Select(position => adapter.Through(position).ToArray()));
    }

    [Fact]
    public void A_splitter_that_meets_every_contact_wrongly_is_none_that_helps()
    {
        // In the maker's own order, the other way round: the plug goes on, and nothing that the fan lives on comes through.
        var header = Bench.Header("fan-control,fan-tacho,+12 V,ground");
        var (from, to) = (new JointEnd(Bench.Board(header), header), Ends("fan-4", "fan-4").To);
        Assert.Empty(AdapterSearch.Find(new Joint("joint", from.Id, to.Id, JointMethod.Straight), from, to, Adapter.Sold));
        // In the usual order it does.
        var (joint, usual, plug) = Ends("fan-4", "fan-4");
        Assert.NotEmpty(AdapterSearch.Find(joint, usual, plug, Adapter.Sold));
    }

    [Fact]
    public void No_chain_leads_from_a_fan_to_a_sound_header() => Assert.Empty(Find("audio-header", "fan-4", Adapter.Sold));

    [Fact]
    public void The_chains_found_are_those_that_trying_all_of_them_finds()
        => Gen.Select(AnyAdapter.Array[0, 6], Gen.Int[0, 3], Gen.Int[0, 3]).Hold((adapters, from, to) =>
        {
            var (joint, fixedEnd, plug) = Ends(Shapes[from], Shapes[to]);
            var distinct = adapters.Distinct().ToArray();
            var found = AdapterSearch.Find(joint, fixedEnd, plug, distinct).Select(Worth).Order();
            // A chain of one looked for alone is a chain that is tried alone.
            var tried = Sequences(distinct)
                .SelectMany(chain => AdapterSearch.Find(joint, fixedEnd, plug, chain).Where(each => each.Adapters.SequenceEqual(chain))).ToArray();
            Assert.Equal(tried.Where(chain => !tried.Any(other => other.Beats(chain))).Select(Worth).Distinct().Order(), found);
        }, iter: 60);

    private static (int, decimal, int) Worth(AdapterChain chain) => (chain.Lost, chain.Price.Likely, chain.Adapters.Length);

    private static IEnumerable<Adapter[]> Sequences(Adapter[] adapters)
        => from first in adapters
           from second in adapters.Where(other => other != first).Append(null)
           from third in second is null ? [null] : adapters.Where(other => other != first && other != second).Append(null)
           select new[] { first, second, third }.OfType<Adapter>().ToArray();

    private static System.Collections.Immutable.ImmutableArray<AdapterChain> Find(string header, string plug, IEnumerable<Adapter> known)
    {
        var (joint, from, to) = Ends(header, plug);
        return AdapterSearch.Find(joint, from, to, known);
    }

    private static (Joint, JointEnd From, JointEnd To) Ends(string header, string plug)
    {
        var from = new JointEnd(Bench.Board(Usual("header", header, Gender.Male)), Usual("header", header, Gender.Male));
        var to = new JointEnd(Bench.Shell(Usual("plug", plug, Gender.Female)), Usual("plug", plug, Gender.Female));
        return (new Joint("joint", from.Id, to.Id, JointMethod.Straight), from, to);
    }

    private static Port Usual(string id, string connector, Gender gender)
        => ConnectorTypes.Find(connector) is { } type
            ? new Port(id, id, type, gender) { Pins = [.. Pin.UsualFor(type)] }
            : throw new ArgumentException(connector);
}
