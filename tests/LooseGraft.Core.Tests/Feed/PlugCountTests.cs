using CsCheck;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>Plugs and sockets: of one kind, in part, or by an adapter.</summary>
public sealed class PlugCountTests
{
    [Fact]
    public void A_free_plug_of_another_kind_is_offered_with_its_adapter_once()
    {
        var drive = new Part("drive", "drive", PartKind.Drive)
        {
            Ports = [new Port("power", "power socket", ConnectorTypes.Find("drive-power-15")!, Gender.Male)],
        };
        var graft = Fed(SmallSupply() with
        {
            Leads = [new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("peripheral-power-4")!)] }],
        });
        var one = Review.Of(graft with { Parts = graft.Parts.Add(drive) }).Feed.Plugs.Served(graft).Single();
        Assert.Equal(("adapter-drive", "s/a"), (one.Adapter!.Adapter.Id, Assert.Single(one.Adapter.Plugs).Name));
        var two = Review.Of(graft with { Parts = [.. graft.Parts, drive, drive with { Id = "drive-2" }] }).Feed.Plugs.Served(graft).ToArray();
        Assert.Equal((null, null), (two[1].Plug, two[1].Adapter));
        // So is a plug of their own kind.
        var own = graft.WithSupply("supply", supply => supply with
        {
            Leads = [new SupplyLead("s", "string") { Plugs = [.. "ab".Select(name => new SupplyPlug($"{name}", drive.Ports[0].Type))] }],
        }) with
        { Parts = [.. graft.Parts, drive, drive with { Id = "drive-2" }, drive with { Id = "drive-3" }] };
        Assert.Equal(["s/a", "s/b", null], Review.Of(own).Feed.Plugs.Served(own).Select(served => served.Plug?.Name));
    }

    [Theory]
    [InlineData("drive-power-15", Gender.Male, PartKind.Drive, true)]
    [InlineData("drive-power-15", Gender.Female, PartKind.Drive, false)] // it gives
    [InlineData("drive-power-15", Gender.Male, PartKind.Fan, false)]
    [InlineData("fan-3", Gender.Male, PartKind.Drive, false)]
    [InlineData("power-block", Gender.Male, PartKind.Drive, false)] // of no usual pinout, so that no usual plug is missing
    public void Sockets_that_only_bring_power_in_want_a_plug(string connector, Gender gender, PartKind kind, bool wants)
    {
        var graft = Fed(SmallSupply() with { Leads = [new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("cpu-power-8")!)] }] });
        var socket = new Port("p", "p", ConnectorTypes.Find(connector)!, gender);
        graft = graft with { Parts = graft.Parts.Add(new Part("drive", "drive", kind) { Ports = [socket] }) };
        Assert.Equal(wants ? ["p"] : [], Review.Of(graft).Feed.Plugs.Wanting.Select(wanting => wanting.Port.Id));
        var joined = graft with { Joints = [new Joint("j", new PortId("supply", "x"), new PortId("drive", "p"), JointMethod.Adapter)] };
        Assert.Empty(Review.Of(joined).Feed.Plugs.Wanting);
        Assert.Equal(wants, Review.Of(joined with { Joints = [joined.Joints[0] with { Method = JointMethod.LeaveOff }] }).Feed.Plugs.Wanting.Length == 1);
    }

    [Theory]
    [InlineData("drive-power-15", "+12 V", 2.9, Severity.Check, "a of string would do with an adapter, which bears 3 A of +12 V, and it takes up to 2.9 A")]
    [InlineData("drive-power-15", "+12 V", 3.1, Severity.Fix, "with an adapter a of string would bear 3 A of +12 V, and it takes up to 3.1 A")]
    [InlineData("drive-power-15", "+3.3 V", 0.1, Severity.Fix, "with an adapter a of string would bear 0 A of +3.3 V, and it takes up to 0.1 A")]
    [InlineData("drive-power-15", "+3.3 V", 0, Severity.Check, "a of string would do with an adapter, as far as nobody says what it takes")]
    [InlineData("cpu-power-4", "+12 V", 4.9, null, "")] // other plugs are there for a processor, and this one is its own
    public void An_adapter_that_is_offered_bears_what_the_part_takes(string connector, string rail, double amps, Severity? weight, string said)
    {
        var type = ConnectorTypes.Find(connector)!;
        var graft = Fed(SmallSupply() with
        {
            Leads = [new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find(weight is null ? connector : "peripheral-power-4")!)] }],
        });
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("drive", "drive", PartKind.Drive) { Ports = [new Port("power", "power socket", type, Gender.Male)] }),
            Loads = graft.Loads.Add(Hung("drive", "drive", "supply") with { Draws = [Draw(rail, amps)] }),
        };
        var told = Review.Of(graft).Findings.Where(finding => finding.Rule.Code == "FEED-015")
            .Select(finding => ((Severity?)finding.Severity, finding.Message));
        Assert.Equal(weight is null ? [] : [(weight, $"power socket of drive has no plug of its kind left; {said}.")], told);
    }

    [Theory]
    [InlineData("cpu-power-8", "cpu-power-4", null, Severity.Check)] // 4+4, if it is one
    [InlineData("cpu-power-8", "cpu-power-4", true, null)]
    [InlineData("cpu-power-8", "cpu-power-4", false, Severity.Fix)]
    [InlineData("card-power-8", "card-power-6", true, null)]
    [InlineData("atx-main-24", "atx-main-20", true, null)]
    [InlineData("cpu-power-4", "cpu-power-8", true, Severity.Check)] // by an adapter
    public void A_plug_that_parts_in_two_serves_the_smaller_socket(string plug, string socket, bool? parts, Severity? weight)
    {
        var graft = Fed(SmallSupply() with
        {
            Leads = [new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find(plug)!) { Parts = parts }] }],
        });
        graft = graft.WithPart("board", part => part with { Ports = [new Port("power", "power", ConnectorTypes.Find(socket)!, Gender.Male)] });
        Assert.Equal(weight, Review.Of(graft).Findings.Where(finding => finding.Rule.Code == "FEED-015").Select(finding => (Severity?)finding.Severity)
            .FirstOrDefault());
    }

    [Fact]
    public void A_card_plug_from_two_peripheral_plugs_wants_both()
    {
        var graft = Fed(SmallSupply() with
        {
            Leads = [new SupplyLead("s", "string") { Plugs = [.. "ab".Select(name => new SupplyPlug($"{name}", ConnectorTypes.Find("peripheral-power-4")!))] }],
        });
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("card", "card", PartKind.Card)
            {
                Ports = [new Port("power", "power", ConnectorTypes.Find("card-power-6")!, Gender.Male)],
            }),
            Loads = graft.Loads.Add(Hung("card", "card", "supply") with { Draws = [Draw("+12 V", 6)] }),
        };
        Assert.Equal(2, Review.Of(graft).Feed.Plugs.Served(graft).Single().Adapter!.Plugs.Length);
        var less = graft.WithSupply("supply", supply => supply with { Leads = [supply.Leads[0] with { Plugs = [supply.Leads[0].Plugs[0]] }] });
        Assert.NotEqual(2, Review.Of(less).Feed.Plugs.Served(less).Single().Adapter?.Plugs.Length);
    }
}
