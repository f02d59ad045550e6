using System.Text;
using CsCheck;
using LooseGraft.Core.Files;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Tests.Stock.Lines;

public sealed class StockWriterTests
{
    [Fact]
    public void What_is_written_of_a_graft_is_read_back_and_changes_nothing()
        => Assert.All(EditSamples.Demos, demo => Assert.Equal(Written(demo.Graft), Written(Read(StockWriter.Write(demo.Graft), demo.Graft))));

    [Fact]
    public void An_empty_graft_gets_the_same_parts_from_the_lines_of_another()
        => Assert.All(EditSamples.Demos, demo =>
        {
            var copy = Read(StockWriter.Write(demo.Graft), Graft.Empty("copy") with { Currency = demo.Graft.Currency });
            Assert.Equal(demo.Graft.Parts.Select(Told), copy.Parts.Select(Told));
            Assert.Equal(StockWriter.Write(demo.Graft), StockWriter.Write(copy));
        });

    [Fact]
    public void Rows_of_one_signal_are_counted_and_plain_names_stand_without_quotes()
    {
        var graft = Read("fan = Fan, 80 mm (front); to buy\nfan: 1x9 pins diagram: gnd x3, +12 ×4 (measured), tach, tach", Graft.Empty("x"));
        Assert.Equal("fan = Fan, 80 mm (front); to buy\nfan: crimp plug 1x9 pins diagram: ground ×3, +12 V ×4 (measured), fan-tacho, fan-tacho\n",
            StockWriter.Write(graft));
    }

    [Theory]
    [InlineData("a; b")]
    [InlineData("a \"b\"")]
    [InlineData("a (b")]
    [InlineData(")a(")]
    [InlineData(" a")]
    [InlineData("a = b: c, d (e) / #")]
    public void Any_name_of_a_part_reads_back(string name)
    {
        var graft = Graft.Empty("x") with { Parts = [new Part("a", name, PartKind.Lead)] };
        Assert.Equal(name, StockLines.Read(StockWriter.Write(graft), Graft.Empty("y")).Parts[0].Name);
    }

    [Fact]
    public void Any_connector_reads_back_as_it_was_written()
    {
        string[] more = ["+12 V", "-5 V", "+3.3 V standby", "data", "my x2", "3 of it", "+12 V", "ground"];
        var signals = Gen.OneOf([.. SignalVocabulary.Standard.Entries.Select(entry => entry.Name).Where(name => name != "unknown"), .. more]);
        var pins = Gen.Select(signals, Gen.Enum<Evidence>(), Gen.Int[0, 6]).Array[0, 12];
        var types = Gen.OneOf([.. ConnectorTypes.All.Select(type => type.Id)]);
        Gen.Select(types, Gen.Enum<PartKind>(), Gen.Enum<Gender>(), Gen.Enum<Keying>(), Gen.Enum<Numbering>(), pins,
            Gen.OneOf("fan header", "a: b", "wires", "x = y", "# 1", "say \"ground\"", "one to two", "5 pins: x")).Hold(made =>
        {
            var (id, kind, gender, keying, numbering, contacts, name) = made;
            var type = ConnectorTypes.Find(id)!;
            var port = new Port("port", name, type, gender)
            {
                OwnRows = contacts.Length % 2 == 0 ? null : 3,
                OwnColumns = 7,
                OwnPitch = new Millimetres(1.25),
                OwnKeying = keying == type.Keying ? null : keying,
                OwnNumbering = numbering == type.Numbering ? null : numbering,
                LeadLength = contacts.Length > 6 ? new Millimetres(contacts.Length * 12.5) : null,
                Pins = [.. contacts.Index().Where(pair => pair.Item.Item3 > 0 && pair.Index < 7).Select(pair => Contact(pair.Index + 1, pair.Item))],
            };
            var part = new Part("part", "part", kind) { Ports = [port] };
            var before = Graft.Empty("x") with { Parts = [part with { Ports = [port with { Pins = [] }] }] };
            Assert.Equal(Written(before with { Parts = [part] }), Written(Read(StockWriter.Write(part, before), before)));
        }, iter: 3000);
    }

    private static Pin Contact(int position, (string Signal, Evidence Evidence, int Kind) made) => made.Kind == 1
        ? new Pin(position) { Contact = ContactState.Absent, Signal = new(Model.Signal.None, made.Evidence) }
        : new Pin(position) { Signal = new(Bench.Signal(made.Signal), made.Evidence) };

    private static Graft Read(string text, Graft graft)
    {
        var read = StockLines.Read(text, graft);
        Assert.Empty(read.Mistakes);
        return new DescribeInLines([.. read.Parts], [.. read.Donors]).Apply(graft);
    }

    private static string Written(Graft graft) => Encoding.UTF8.GetString(GraftFile.Write(graft));

    private static string Told(Part part)
    {
        var ports = part.Ports.Select(port => $"{port.Name} {port.Type.Id} {port.Rows} {port.Columns} {port.Pitch} {port.Gender} {port.Keying} {port.Numbering} "
            + string.Join(',', port.AllPins().Select(pin => $"{pin.Signal.Value.Name} {pin.Signal.Evidence} {pin.Contact == ContactState.Absent}")));
        return $"{part.Name} {part.Kind} {part.Origin} {part.Cost?.In("EUR")} {part.BoardRevision?.Value} {string.Join('|', ports)} {part.Links.Count(link => link.Kind == LinkKind.Wire)}";
    }
}
