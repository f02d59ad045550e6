using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Tests.Stock.Lines;

public sealed class StockKitTests
{
    private static readonly Graft Empty = Graft.Empty("x");

    [Fact]
    public void A_connector_goes_to_the_last_board_and_is_numbered()
    {
        var text = With(With("", "own-fan-5"), "own-fan-5");
        Assert.Equal("board = Board; donor\nfan header: 1x5 2.54 pins: ?\nfan header (2): 1x5 2.54 pins: ?\n", text);
        Assert.Equal("# mine\nboard = a\nx: 1x2\nfront USB: USB 2.0 header\n\nfan = f\n", With("# mine\nboard = a\nx: 1x2\n\nfan = f", "usb-2"));
        Assert.Equal("board = a\r\nboard = b\n".ReplaceLineEndings("\n") + "front USB: USB 2.0 header\n", With("board = a\r\nboard = b\r\n", "usb-2"));
        // What only looks like a board is none.
        Assert.Equal("# board = a\nfan = f\nboard = Board; donor\nfront USB: USB 2.0 header\n", With("# board = a\nfan = f", "usb-2"));
    }

    [Fact]
    public void A_part_is_counted_and_beside_one_that_stands_called_by_a_number()
    {
        var fan = PartTemplate.Find("fan-120-4")!;
        var text = "";
        foreach (var line in new[] { "; to buy", "; ×2; to buy", "; ×3; to buy" })
            Assert.Equal($"fan = Fan, 120 mm, 4 positions{line}\n", text = StockKit.With(text, fan, Empty));
        Assert.Equal("fan = Fan, 120 mm, 4 positions; 9.90; ×10\n", StockKit.With("fan = Fan, 120 mm, 4 positions; 9.90; x9", fan, Empty));
        var kept = new DescribeInLines([.. StockLines.Read(text, Empty).Parts]).Apply(Empty);
        var more = StockKit.With(StockWriter.Write(kept), fan, kept);
        Assert.Contains("fan = Fan, 120 mm, 4 positions (4); like Fan, 120 mm, 4 positions; to buy\n", more, StringComparison.Ordinal);
        Assert.Equal(4, new DescribeInLines([.. StockLines.Read(more, kept).Parts]).Apply(kept).Parts.Length);
    }

    [Fact]
    public void Every_usual_thing_is_read_without_a_question()
    {
        var ports = UsualPort.All.Aggregate("", (lines, port) => StockKit.With(lines, port, "Board"));
        var text = PartTemplate.All.Aggregate(ports, (lines, part) => StockKit.With(lines, part, Empty));
        var read = StockLines.Read(text, Empty);
        Assert.Empty(read.Mistakes);
        Assert.Empty(read.Remarks);
        Assert.Equal(PartTemplate.All.Count + 1, read.Parts.Length);
        Assert.Equal(UsualPort.All.Count, read.Parts[0].Ports.Length);
        // A maker's own connector says nothing of its contacts; a standard one has its usual contacts.
        var board = new DescribeInLines([.. read.Parts]).Apply(Empty).Parts[0];
        Assert.All(UsualPort.All.Zip(board.Ports), pair => Assert.Equal(
            pair.First.Line.EndsWith("pins: ?", StringComparison.Ordinal) || pair.First.Id == "barrel", pair.Second.Pins.IsEmpty));
        Assert.Empty(UsualPort.All.Select(port => port.Id).Intersect(PartTemplate.All.Select(part => part.Id)));
    }

    [Fact]
    public void One_side_of_an_adapter_names_the_other_and_an_order_leads_its_contacts()
    {
        const string Lines = "adapter = a\nboard end: block 2x2 pins: ?, ?, gnd\nsupply end: main 24 male\nwires: board end = supply end/10 16 - 9";
        var part = Described(Lines);
        Assert.Equal(3, part.Links.Length);
        Assert.Equal("+12 V, supply-on, ground, +5 V standby", string.Join(", ", part.Ports[0].AllPins().Select(pin => pin.Signal.Value.Name)));
        // Another part may change what it carries on the way, and is not named.
        var box = Described(Lines.Replace("adapter = a", "panel = a", StringComparison.Ordinal));
        Assert.Equal("unknown, unknown, ground, unknown", string.Join(", ", box.Ports[0].AllPins().Select(pin => pin.Signal.Value.Name)));
        // What was said stays, though the other side says something else; and names go on along several wires.
        var chain = Described("lead = l\na: 1x2\nb: 1x2\nc: 1x2 pins: +12, gnd\nwires: a straight b, b straight c");
        Assert.All(chain.Ports, port => Assert.Equal("+12 V", port.PinAt(1).Signal.Value.Name));
    }

    [Theory]
    [InlineData("wires: x = y/1", "The two rows differ")]
    [InlineData("wires: x = y/1 4", "y has 3 positions")]
    [InlineData("wires: x = y/1 0", "y has 3 positions")]
    public void An_order_that_will_not_do_is_marked(string line, string words)
    {
        var mistake = Assert.Single(StockLines.Read($"lead = l\nx: 1x2\ny: 1x3\n{line}", Empty).Mistakes);
        Assert.Contains(words, mistake.Words, StringComparison.Ordinal);
    }

    private static Part Described(string lines) => new DescribeInLines([.. StockLines.Read(lines, Empty).Parts]).Apply(Empty).Parts[0];

    private static string With(string text, string port) => StockKit.With(text, UsualPort.Find(port)!, "Board");
}
