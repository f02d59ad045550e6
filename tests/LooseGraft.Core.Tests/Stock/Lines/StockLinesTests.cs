using CsCheck;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Lines;
using LooseGraft.Core.Tests.House;

namespace LooseGraft.Core.Tests.Stock.Lines;

public sealed class StockLinesTests
{
    private static readonly Graft Empty = Graft.Empty("x");

    [Fact]
    public void Given_a_five_position_fan_header_every_contact_is_where_it_was_written()
    {
        var port = PortOf("board = Office board; donor\nfan header: 1x5 2.54 pins: ground, +12, tacho, pwm, panel present");
        Assert.Equal(("fan header", "pin-header", Gender.Male, 1, 5, 2.54), (port.Name, port.Type.Id, port.Gender, port.Rows, port.Columns, port.Pitch.Value));
        Assert.Equal("ground, +12 V, fan-tacho, fan-control, panel-sense", Signals(port));
        Assert.All(port.Pins, pin => Assert.Equal(Evidence.Assumed, pin.Signal.Evidence));
    }

    [Theory]
    [InlineData("x: block 2x6 4.2 pins diagram: +12 x2, ground ×3", "+12 V, +12 V, ground, ground, ground", Evidence.Diagram)]
    [InlineData("x: 1x8 pins measured: 2-4 ground, 7 +5 V, 5 V standby", "2 ground, 3 ground, 4 ground, 7 +5 V, 8 +5 V standby", Evidence.Measured)]
    [InlineData("x: 2x2 pins: GND | key | ? | \"my own\"", "ground, absent, 4 my own", Evidence.Assumed)]
    // A minus after a blank belongs to the supply, and is no row of positions.
    [InlineData("x: 1x5 pins: 5 -5 V", "5 -5 V", Evidence.Assumed)]
    [InlineData("x: 5 pins: gnd, 12v, tach, pwm, fp detect", "ground, +12 V, fan-tacho, fan-control, panel-sense", Evidence.Assumed)]
    // A comma at either end leaves a contact unknown, or means nothing.
    [InlineData("x: 1x2 pins: , gnd,", "2 ground", Evidence.Assumed)]
    [InlineData("x: 4-position fan", "ground, +12 V, fan-tacho, fan-control", Evidence.Assumed)]
    public void Contacts_are_written_in_order_or_by_position_and_counted(string line, string signals, Evidence evidence)
    {
        var port = PortOf($"board = b\n{line}");
        Assert.Equal(signals, Signals(port));
        Assert.Contains(port.Pins, pin => pin.Signal.Evidence == evidence);
    }

    [Theory]
    [InlineData("2x7 2.00", "pin-header", 2, 7, 2.0, Gender.Male)]
    [InlineData("shrouded 2 x 7 2 mm male", "shrouded-header", 2, 7, 2.0, Gender.Male)]
    [InlineData("USB 2.0 header", "usb2-header", 2, 5, 2.54, Gender.Male)]
    [InlineData("main 24 female", "atx-main-24", 2, 12, 4.2, Gender.Female)]
    [InlineData("block 12 positions", "power-block", 2, 6, 4.2, Gender.Male)]
    [InlineData("block 5 positions", "power-block", 1, 5, 4.2, Gender.Male)]
    [InlineData("12 positions pitch-less", null, 0, 0, 0, Gender.Male)]
    [InlineData("1x1024", "pin-header", 1, 1024, 2.54, Gender.Male)]
    [InlineData("1x1025", null, 0, 0, 0, Gender.Male)]
    [InlineData("1x5 2 pins: gnd", "pin-header", 1, 5, 2, Gender.Male)]
    public void A_shape_is_written_in_a_few_words(string words, string? type, int rows, int columns, double pitch, Gender gender)
    {
        var read = StockLines.Read($"board = b\nx: {words}", Empty);
        Assert.Equal(type is null, !read.Mistakes.IsEmpty);
        if (type is null) return;
        var port = read.Parts[0].Ports[0].Shape;
        Assert.Equal((type, rows, columns, pitch, gender), (port.Type.Id, port.Rows, port.Columns, port.Pitch.Value, port.Gender));
    }

    [Theory]
    [InlineData(PartKind.Board, "fan-4", Gender.Male)]
    [InlineData(PartKind.Lead, "fan-4", Gender.Female)]
    [InlineData(PartKind.Lead, "crimp-plug", Gender.Female)]
    [InlineData(PartKind.Brick, "barrel-jack", Gender.Male)]
    [InlineData(PartKind.Card, "card-slot-16", Gender.Male)]
    [InlineData(PartKind.Board, "card-slot-16", Gender.Female)]
    [InlineData(PartKind.Switch, "loose-ends", Gender.Female)]
    public void Which_half_a_sort_of_part_carries_need_not_be_written(PartKind kind, string type, Gender gender)
        => Assert.Equal(gender, PortLine.UsualGender(ConnectorTypes.Find(type)!, kind));

    [Fact]
    public void The_head_of_a_part_tells_where_it_comes_from_what_it_costs_and_more()
    {
        var part = After("board = \"Board: a; b\"; donor; 12,50 EUR; rev A01; \"came with \"\"dust\"\"\"").Parts[0];
        Assert.Equal(1_000_000, After("board = b; ×1; 1000000").Parts[0].Cost!.Value.Amount);
        Assert.Equal(50, After("board = b; 50 pieces").Parts.Length);
        Assert.Equal(("Board: a; b", PartOrigin.Donor, 12.50m, "A01", "came with \"dust\""),
            (part.Name, part.Origin, part.Cost!.Value.Amount, part.BoardRevision!.Value, part.Note));
    }

    [Fact]
    public void Three_usual_fans_are_one_line()
    {
        var graft = After("fan = Fan, 120 mm, 4 positions; ×3; to buy; 9.90");
        Assert.Equal(["Fan, 120 mm, 4 positions", "Fan, 120 mm, 4 positions (2)", "Fan, 120 mm, 4 positions (3)"], graft.Parts.Select(part => part.Name));
        Assert.All(graft.Parts, part => Assert.Equal((1, PartOrigin.ToBuy), (part.Ports.Length, part.Origin!.Value)));
        Assert.Equal(3, graft.Loads.Length);
        Assert.Equal("Intake", After("fan = Intake; like Fan, 120 mm, 4 positions").Parts[0].Name);
    }

    [Fact]
    public void Conductors_are_written_by_rows_or_straight()
    {
        var graft = After("adapter = a\nboard end: block 2x2\nsupply end: main 24 male\nwires: board end/1-2 = supply end/11-10, board end/3 to supply end/3");
        Assert.Equal(["board-end/1 supply-end/11", "board-end/2 supply-end/10", "board-end/3 supply-end/3"],
            graft.Parts[0].Links.Select(link => $"{link.One} {link.Other}"));
        Assert.Equal(4, After("lead = l\na: fan 4\nb: fan 4 male\nwires: a straight b").Parts[0].Links.Length);
    }

    [Fact]
    public void What_lines_do_not_say_stays_and_nothing_is_taken_out()
    {
        var board = After("board = b; donor; 10; rev 2\nfan: fan 4\npanel: 2x2 pins measured: gnd, pwrsw, rst, gnd");
        var described = board.WithPin(new PortId("b", "panel"), 2, pin => pin with { NeededFor = "it starts", Level = new Volts(3.3) });
        var after = After("board = B; 12\npanel: pins: 2 power switch, 3 lid", described);
        var panel = after.Parts[0].Ports[1];
        Assert.Equal(("ground, power-switch, lid-sense, ground", "it starts", 3.3), (Signals(panel), panel.PinAt(2).NeededFor, panel.PinAt(2).Level!.Value.Value));
        Assert.Equal((Evidence.Measured, Evidence.Assumed), (panel.PinAt(1).Signal.Evidence, panel.PinAt(3).Signal.Evidence));
        Assert.Equal((12m, "2", 2), (after.Parts[0].Cost!.Value.Amount, after.Parts[0].BoardRevision!.Value, after.Parts[0].Ports.Length));
    }

    [Theory]
    [InlineData("board = b\nx: 1x3 pins: gnd, VCC, pwm", 2, 19, 3, "+12 V")]
    [InlineData("board = b\nfan: 1x3 pins: gnd, SENSE", 2, 21, 5, "fan-tacho")]
    [InlineData("board = b\nx: 1x2 pins: gnd, +5, +12", 2, 23, 3, "has 2 positions")]
    [InlineData("board = b\nx: 1x2 pins: 1 gnd, 1 +5", 2, 21, 4, "Position 1 again")]
    [InlineData("board = b\nx: 1x2 pins measured by eye: gnd", 2, 13, 15, "does not say where")]
    [InlineData("board = b\nx: 1x2 pins: gnd (guess)", 2, 18, 7, "does not say where")]
    [InlineData("board = b\nx: 1x2 sqare", 2, 8, 5, "is no connector")]
    [InlineData("bord = b", 1, 1, 4, "is no sort of part")]
    [InlineData("board =", 1, 8, 0, "Give the part a name")]
    [InlineData("x: 1x2", 1, 1, 6, "has no part")]
    [InlineData("board = b\nfan header 1x5", 2, 1, 14, "a connector name: shape")]
    [InlineData("board = b; wooden", 1, 12, 6, "says nothing of a part")]
    [InlineData("board = b; 12 USD", 1, 12, 6, "reckons in EUR")]
    [InlineData("board = b; ×51", 1, 12, 3, "From 1 to 50")]
    [InlineData("board = b; ×0", 1, 12, 2, "From 1 to 50")]
    [InlineData("board = b; 1000000.01", 1, 12, 10, "at most 1000000")]
    [InlineData("fan = b; like a boat", 1, 15, 6, "is no usual part. Fan, 80 mm, 4 positions")]
    [InlineData("board = b; like a boat", 1, 17, 6, "is no usual part")]
    [InlineData("fan = x; like Hard drive, 3.5 in", 1, 1, 3, "another sort of part")]
    [InlineData("board = b\nx: 1x2\nX: 1x3", 3, 1, 1, "has X already")]
    [InlineData("board = b\nx: 1x2\nwires: x/3 = x/1", 3, 8, 3, "x has 2 positions")]
    [InlineData("board = b\nx: 1x2\nwires: y/1 = x/1", 3, 8, 3, "no connector called")]
    [InlineData("board = b\nx: 1x3\nwires: x/1-2 = x/3", 3, 8, 11, "The two rows differ")]
    [InlineData("board = b\nx: 1x3\nwires: 1 3", 3, 8, 3, "joins two contacts")]
    [InlineData("board = b\nlead = c\nboard = B", 3, 1, 0, "written twice")]
    [InlineData("board = b\nx: 0x4", 2, 4, 3, "from 1 to 1024")]
    [InlineData("board = b\nx: 99999 pins: gnd", 2, 4, 5, "from 1 to 1024")]
    [InlineData("board = b\nx: 1x2 0.0 mm", 2, 8, 6, "above 0")]
    public void A_mistake_is_marked_where_it_stands(string text, int line, int column, int length, string words)
    {
        var mistake = StockLines.Read(text, Empty).Mistakes[0];
        Assert.Equal((line, column, length), (mistake.Line, mistake.Column, mistake.Length));
        Assert.Contains(words, $"{mistake.Words} {string.Join(", ", mistake.Instead)}", StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Processor", PartKind.Other)]
    [InlineData("memory", PartKind.Other)]
    [InlineData("other", PartKind.Other)]
    [InlineData("pass through", PartKind.PassThrough)]
    public void What_has_no_sort_of_its_own_may_be_written_as_it_is_called(string word, PartKind kind)
        => Assert.Equal(kind, StockLines.Read($"{word} = b; to buy", Empty).Parts.Single().Kind);

    [Fact]
    public void A_name_of_ones_own_stands_and_is_remarked_upon_with_what_is_near_it()
    {
        var read = StockLines.Read("board = b\nx: 1x2 pins: grond, \"grond\"", Empty);
        var remark = Assert.Single(read.Remarks);
        Assert.Equal((0, 2, 14, 5, "ground"), (read.Mistakes.Length, remark.Line, remark.Column, remark.Length, remark.Instead[0]));
        Assert.Equal("“grond” is not known here: it stays, as a name of your own, unless you mean ground.", remark.Words);
    }

    [Theory]
    [InlineData("board = b\nx: 1x2 pins: ", 200, "too long for a contact")]
    [InlineData("board = b\nx: ", 400, "too long for a shape")]
    [InlineData("board = b\nx: 1x2\nwires: ", 400, "joins two contacts")]
    [InlineData("board = b\nx: 1x2 pins: gnd,", 40_001, "A line has at most 40000")]
    public void Long_words_are_turned_away_before_they_are_looked_into(string begin, int length, string words)
    {
        var mistake = StockLines.Read(begin + new string('x', length + 1), Empty).Mistakes[0];
        Assert.Contains(words, mistake.Words, StringComparison.Ordinal);
        Assert.InRange(mistake.Words.Length, 10, 250);
    }

    [Fact]
    public void Nothing_that_is_typed_breaks_it_and_every_mark_lies_in_its_line()
    {
        var bits = Gen.OneOf("board", " = ", "b", ": ", "pins", " measured", ":", "1x5", "2.54", " ", "\n", "\r", ",", ";", "\"", "(", ")", "wires: ", "x/1", "-", "99999", "VCC", "gnd",
            "like ", "×", "3", "é", "\t", "rev ", "#", "usb 2", "0x0", "1e309", "NaN", "|");
        bits.Array[0, 60].Hold(pieces =>
        {
            var text = string.Concat(pieces);
            var read = StockLines.Read(text, EditSamples.Demos[0].Graft);
            var lines = text.Replace("\r\n", "\n", StringComparison.Ordinal).Replace('\r', '\n').Split('\n');
            Assert.All(read.Mistakes.Concat(read.Remarks), mistake =>
            {
                Assert.InRange(mistake.Line, 1, lines.Length);
                Assert.InRange(mistake.Column + mistake.Length - 1, mistake.Column - 1, lines[mistake.Line - 1].Length);
            });
            if (read.Mistakes.IsEmpty) _ = new DescribeInLines([.. read.Parts]).Apply(EditSamples.Demos[0].Graft);
        }, iter: 20_000);
    }

    [Fact]
    public void The_example_of_the_document_is_read_without_a_question()
    {
        var text = File.ReadAllText(Path.Combine(Root.Path, "docs", "lines.md")).Split("```")[1].Trim();
        var graft = After(text);
        Assert.Equal(["Office board", "Main adapter", "Fan, 120 mm, 4 positions", "Fan, 120 mm, 4 positions (2)", "Fan, 120 mm, 4 positions (3)"],
            graft.Parts.Select(part => part.Name));
        Assert.Equal((4, 4, "drive-light+"), (graft.Parts[0].Ports.Length, graft.Parts[1].Links.Length, graft.Parts[0].Ports[1].PinAt(1).Signal.Value.Name));
        Assert.Empty(StockLines.Read(text, Empty).Remarks);
    }

    [Fact]
    public void Described_contacts_are_not_lost_to_a_smaller_shape()
    {
        var graft = After("board = b\nx: 1x3 pins: gnd, +5, +12");
        Assert.Contains("1 described contact would be lost", StockLines.Read("board = b\nx: 1x2", graft).Mistakes[0].Words, StringComparison.Ordinal);
        Assert.Empty(StockLines.Read("board = b\nx: 1x4", graft).Mistakes);
    }

    [Fact]
    public void At_most_fifty_mistakes_five_thousand_lines_and_two_hundred_thousand_characters_are_looked_at()
    {
        Assert.InRange(StockLines.Read(string.Concat(Enumerable.Repeat("what\n", 4999)), Empty).Mistakes.Length, 50, 52);
        var tooLong = Assert.Single(StockLines.Read(new string('\n', 5000), Empty).Mistakes);
        Assert.Equal((1, 1, "That is too long: at most 200000 characters in 5000 lines are read."), (tooLong.Line, tooLong.Column, tooLong.Words));
        Assert.Empty(StockLines.Read(new string('\n', 4999), Empty).Mistakes);
        Assert.Empty(StockLines.Read("#" + new string('x', 199_999), Empty).Mistakes);
        Assert.Contains("too long", Assert.Single(StockLines.Read("#" + new string('x', 200_000), Empty).Mistakes).Words, StringComparison.Ordinal);
    }

    [Fact]
    public void Lines_without_a_head_are_of_the_part_that_is_looked_at()
    {
        var graft = After("board = b");
        Assert.Equal("b", StockLines.Read("x: 1x2", graft, "b").Parts[0].Name);
    }

    private static Graft After(string text, Graft? graft = null)
    {
        var read = StockLines.Read(text, graft ?? Empty);
        Assert.Empty(read.Mistakes);
        return new DescribeInLines([.. read.Parts]).Apply(graft ?? Empty);
    }

    private static Port PortOf(string text) => After(text).Parts[0].Ports[0];

    // Positions are told where one is left out, or the first is not 1.
    private static string Signals(Port port) => string.Join(", ", port.Pins.Select((pin, index) =>
        (pin.Position == index + 1 ? "" : $"{pin.Position} ") + DescribeContacts.Cell(pin)));
}
