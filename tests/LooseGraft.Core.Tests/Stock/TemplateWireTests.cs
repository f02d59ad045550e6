using LooseGraft.Core.Stock;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Lines;
using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Core.Tests.Stock;

public sealed class TemplateWireTests
{
    // What such an adapter leaves open though both faces name it.
    private static readonly string[] LeftOpen =
    [
        "adapter-main-20: 24-position socket/11", "adapter-main-20: 24-position socket/12", "adapter-main-20: 24-position socket/23",
        "adapter-main-20: 24-position socket/24", "adapter-main-24: 24-position plug/11", "adapter-main-24: 24-position plug/12",
        "adapter-main-24: 24-position plug/23", "adapter-main-24: 24-position plug/24",
        "adapter-card: peripheral socket 1/4", "adapter-card: peripheral socket 2/4", "adapter-fan-power: peripheral socket/3",
        "adapter-usb-3-to-2: plug for the USB 3 header/4", "adapter-usb-3-to-2: plug for the USB 3 header/16",
    ];

    public static TheoryData<string> Adapters =>
        [.. PartTemplate.All.Where(template => template.Kind == PartKind.Adapter || template.Wires is not null).Select(template => template.Id)];

    [Theory]
    [MemberData(nameof(Adapters))]
    public void Every_usual_adapter_joins_what_is_labelled_alike_and_nothing_else(string id)
    {
        var part = TemplatePart.MakePart(PartTemplate.Find(id)!, "part", "part");
        var nets = new LeadNets<InnerEnd>(part.Links.Select(link => (link.One, link.Other)));
        var contacts = part.Ports.SelectMany(port => port.AllPins().Where(pin => pin.Contact == ContactState.Wired && pin.Signal.Value.IsMeaningful)
            .Select(pin => (End: new InnerEnd(port.Id, pin.Position), pin.Signal.Value, Name: $"{id}: {port.Name}/{pin.Position}"))).ToArray();
        Assert.Equal(part.Links.Length * 2, part.Links.Sum(link => contacts.Count(contact => contact.End == link.One || contact.End == link.Other)));
        foreach (var contact in contacts)
        {
            var joined = contacts.Where(other => other.End != contact.End && nets.Joins(contact.End, other.End)).ToArray();
            Assert.All(joined, other => Assert.Equal(contact.Value, other.Value));
            var isNamedBeyond = contacts.Any(other => other.End.Port != contact.End.Port && other.Value == contact.Value);
            Assert.Equal(isNamedBeyond && !LeftOpen.Contains(contact.Name), joined.Any(other => other.End.Port != contact.End.Port));
        }
    }

    [Fact]
    public void Wires_that_are_written_stand_in_place_of_the_usual_ones()
    {
        const string Text = """
            adapter = mine; like Adapter, peripheral plug to fan; to buy
            wires: peripheral socket/4 = fan header/2, peripheral socket/2 = fan header/1
            """;
        var graft = Graft.Empty("test");
        var made = new DescribeInLines([.. StockLines.Read(Text, graft).Parts]).Apply(graft).Parts[0];
        Assert.Equal([4, 2], made.Links.Select(link => link.One.Position));
    }

    [Fact]
    public void Rows_of_wires_are_written_as_rows()
    {
        var part = TemplatePart.MakePart(PartTemplate.Find("adapter-main-20")!, "part", "part");
        Assert.EndsWith(
            "wires: 24-position socket/1-10 = 20-position plug/1-10, 24-position socket/13-19 = 20-position plug/11-17, 24-position socket/21-22 = 20-position plug/19-20\n",
            StockWriter.WriteInside(part), StringComparison.Ordinal);
        var turned = TemplatePart.MakePart(PartTemplate.Find("adapter-floppy")!, "part", "part");
        Assert.EndsWith("wires: peripheral socket/1-4 = floppy plug/4-1\n", StockWriter.WriteInside(turned), StringComparison.Ordinal);
    }
}
