using CsCheck;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Lines;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Suggesting;

namespace LooseGraft.Core.Tests.Wire;

public sealed class LikelyJointsTests
{
    private const string Office = """
        supply = Retail supply, 300 W, plain
        panel = Front panel with button, lights and USB
        fan = Fan, 120 mm, 4 positions; ×3
        adapter = Splitter, one fan header to two fans
        adapter = Main lead
        board end: block 2x3 female
        supply end: main 24 male
        wires: board end = supply end/10 3 16 5 11 9
        board = Board
        main: block 2x3 pins: +12, gnd, pson, gnd, +12, 5vsb
        panel: 2x7 2.00 pins: gnd, pwr_sw
        fan header: 1x5 2.54 pins: gnd, +12, tacho, pwm, panel present
        front USB: USB 2.0 header
        """;

    [Fact]
    public void A_whole_stock_is_brought_together_the_boards_ports_first()
    {
        var graft = Described(Office);
        var pairs = LikelyJoints.In(graft);
        // The splitter hangs on the header before a fan does; the supply's plugs that would go into the maker's block belong to something else.
        Assert.Equal(
            [
                "main + board end", "panel + panel plug, not as they are", "fan header + plug for the header", "front USB + USB plug",
                "fan header 1 + fan plug", "fan header 2 + fan plug", "supply end + main plug",
            ],
            pairs.Select(pair => $"{graft.NameOf(pair.From)} + {graft.NameOf(pair.To)}{(pair.GoesOn ? "" : ", not as they are")}"));
        var joined = new AddJoints([.. pairs]).Apply(graft);
        Assert.Equal(7, joined.Joints.Length);
        Assert.Empty(LikelyJoints.In(joined));
        Assert.Equal("7 new joints: main, panel, fan header, front USB, fan header 1, fan header 2, supply end", new AddJoints([.. pairs]).Words(graft));
        Assert.Equal(new AddJoint(pairs[0].From, pairs[0].To).Words(graft), new AddJoints([pairs[0]]).Words(graft));
    }

    [Theory]
    // A button never goes to power, whatever they share.
    [InlineData("board = b\npanel: 1x2 pins: gnd, pwr_sw\nlead = l\nplug: peripheral", 0)]
    [InlineData("board = b\npanel: 1x2 pins: gnd, pwr_sw\nlead = l\nplug: crimp 1x2 pins: gnd, pwr_sw", 1)]
    // The same shape on one part is no pair; pins never go to pins.
    [InlineData("lead = l\na: fan 4\nb: fan 4 male", 0)]
    [InlineData("board = b\nx: fan 4\nboard = c\ny: fan 4", 0)]
    // Power of another shape: only where everything that is asked for is brought.
    [InlineData("board = b\nmain: block 2x2 pins: gnd, +12, gnd, +12\nsupply = s\nplug: peripheral female", 1)]
    [InlineData("board = b\nmain: block 2x2 pins: gnd, +3.3, gnd, +12\nsupply = s\nplug: peripheral female", 0)]
    // A plug that parts in two goes to the shorter socket.
    [InlineData("board = b\nmain: main 20\nsupply = s\nplug: main 24 female", 1)]
    [InlineData("switch = s\nlegs: loose 1x2 pins: gnd, pwr_sw\nboard = b\npanel: 1x2 pins: gnd, pwr_sw", 0)]
    public void Shape_and_purpose_decide(string lines, int pairs) => Assert.Equal(pairs, LikelyJoints.In(Described(lines)).Length);

    [Fact]
    public void However_the_stock_is_described_every_port_has_one_partner_and_none_is_left_that_could_have_one()
        => Gen.OneOf("fan 4", "fan 3 female", "fan 4 female", "USB 2.0 header", "USB 2.0 header female", "block 2x3", "block 2x3 female", "1x4 pins: gnd, +5", "main 24")
            .Array[1, 12].Hold(shapes =>
            {
                var graft = Described(string.Concat(shapes.Select((shape, index) => $"board = b{index}\nx: {shape}\n")));
                var pairs = LikelyJoints.In(graft);
                var taken = pairs.SelectMany(pair => new[] { pair.From, pair.To }).ToList();
                Assert.Equal(taken.Count, taken.Distinct().Count());
                // Any two that are left over would be a pair if they alone were there: the slow judge asks for each two of them.
                var left = graft.Parts.Where(part => taken.All(port => port.Part != part.Id)).ToArray();
                foreach (var one in left)
                    foreach (var other in left.Where(other => other != one))
                        Assert.Empty(LikelyJoints.In(graft with { Parts = [one, other] }));
            }, iter: 300);

    [Fact]
    public void Of_more_ports_than_are_looked_at_the_first_are_and_it_ends()
    {
        var lines = string.Join('\n', Enumerable.Range(1, LikelyJoints.MostPorts).Select(number => $"x{number}: fan 4"));
        var boards = Described("board = b\n" + lines);
        var graft = new DescribeInLines([.. StockLines.Read("fan = f\nplug: fan 4 female", boards).Parts]).Apply(boards);
        // The fan is one more than that.
        Assert.Empty(LikelyJoints.In(graft));
        var one = graft with { Parts = graft.Parts.SetItem(0, graft.Parts[0] with { Ports = [.. graft.Parts[0].Ports.Skip(1)] }) };
        Assert.Single(LikelyJoints.In(one));
    }

    private static Graft Described(string lines)
    {
        var read = StockLines.Read(lines, Graft.Empty("x"));
        Assert.Empty(read.Mistakes);
        return new DescribeInLines([.. read.Parts]).Apply(Graft.Empty("x"));
    }
}
