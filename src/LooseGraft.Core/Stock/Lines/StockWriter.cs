using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>Writes parts in the lines that <see cref="StockLines"/> reads. Readings, seats, draws and whatever else a graft
/// file holds are not in them.</summary>
public static partial class StockWriter
{
    // "ground, ground" is shorter to read than "ground ×2" is to decipher.
    private const int LongestRow = 2;

    /// <summary>Every part of a graft, below the donors that there are beside the first.</summary>
    public static string Write(Graft graft)
    {
        var donors = string.Concat(graft.OtherDonors.Select(donor => $"{StockWords.Donor} = {Head(donor.Machine.Name)}\n"));
        return string.Join('\n', graft.Parts.Select(part => Write(part, graft)).Prepend(donors).Where(text => text.Length > 0));
    }

    /// <summary>One part: its head, its connectors, its conductors.</summary>
    /// <param name="part">The part.</param>
    /// <param name="graft">The graft, of which its currency and the names of its donors are written.</param>
    public static string Write(Part part, Graft graft)
    {
        var text = new StringBuilder().Append(StockWords.Word(part.Kind)).Append(" = ").Append(Head(part.Name));
        if (part.Donor is { } donor) text.Append("; ").Append(StockWords.OutOf).Append(Head(graft.NameOfDonor(donor)));
        else if (part.Origin is { } origin) text.Append("; ").Append(StockWords.Word(StockWords.Origins, origin));
        if (part.InPlaceOf is { } replaced) text.Append("; ").Append(StockWords.InPlaceOf).Append(Head(graft.NameOf(replaced)));
        if (part.Cost is { Amount: >= 0 } cost) text.Append("; ").Append(cost.In(graft.Currency));
        if (part.BoardRevision is { Value: var revision } && IsPlain(revision)) text.Append("; rev ").Append(revision);
        if (part.Note is { } note && !note.Contains('\n')) text.Append("; ").Append(Quoted(note));
        return text.Append('\n').Append(WriteInside(part)).ToString();
    }

    /// <summary>The connectors and conductors of a part, without its head.</summary>
    public static string WriteInside(Part part)
    {
        var text = new StringBuilder();
        foreach (var port in part.Ports) text.Append(Write(port, part.Kind)).Append('\n');
        if (Wires(part) is { Length: > 0 } wires) text.Append("wires: ").Append(wires).Append('\n');
        return text.ToString();
    }

    /// <summary>One connector.</summary>
    private static string Write(Port port, PartKind kind)
    {
        var text = new StringBuilder(Name(port.Name)).Append(": ").Append(port.Type.Name);
        if (port.OwnRows is not null || port.OwnColumns is not null) text.Append(CultureInfo.InvariantCulture, $" {port.Rows}x{port.Columns}");
        if (port.OwnPitch is { } pitch) text.Append(CultureInfo.InvariantCulture, $" {pitch.Value:0.00###} mm");
        if (port.Gender != PortLine.UsualGender(port.Type, kind)) text.Append(' ').Append(StockWords.Word(StockWords.Genders, port.Gender));
        if (port.OwnKeying is { } keying) text.Append(' ').Append(StockWords.Word(StockWords.Keyings, keying));
        if (port.OwnNumbering is { } numbering) text.Append(' ').Append(StockWords.Word(StockWords.Numberings, numbering));
        if (port.LeadLength is { } lead) text.Append(CultureInfo.InvariantCulture, $" lead {lead.Value:0.###} mm");
        var told = port.Pins.Where(pin => pin.Contact == ContactState.Absent || pin.Signal.Value != Model.Signal.Unknown).ToArray();
        if (told.Length == 0) return text.Append(port.Type.Pinout.Count == port.PositionCount ? " pins: ?" : "").ToString();
        return text.Append(' ').Append(Pins(told)).ToString();
    }

    // Most contacts of a connector are known from one source; the others say so.
    private static string Pins(Pin[] pins)
    {
        var usual = pins.GroupBy(pin => pin.Signal.Evidence).MaxBy(same => same.Count())!.Key;
        var (items, next) = (new List<(string Item, int Times)>(), 1);
        foreach (var pin in pins)
        {
            var item = pin.Contact == ContactState.Absent ? "absent" : Signal(pin.Signal.Value);
            if (pin.Position != next) item = string.Create(CultureInfo.InvariantCulture, $"{pin.Position} {item}");
            if (pin.Signal.Evidence != usual) item += $" ({StockWords.Word(StockWords.Grades, pin.Signal.Evidence)})";
            if (items is [.., var (last, times)] && last == item) items[^1] = (item, times + 1);
            else items.Add((item, 1));
            next = pin.Position + 1;
        }

        var written = items.SelectMany(pair => pair.Times > LongestRow ? [Times(pair.Item, pair.Times)] : Enumerable.Repeat(pair.Item, pair.Times));
        return $"pins{(usual == Evidence.Assumed ? "" : " " + StockWords.Word(StockWords.Grades, usual))}: {string.Join(", ", written)}";
    }

    // A name of the builder's own is quoted, so that it is never asked about again.
    private static string Signal(Signal signal) => signal.Entry is null && signal.SupplyVoltage is null ? $"\"{signal.Name}\"" : signal.Name;

    // Conductors that lie side by side are one row: 1-24 = 24-1.
    private static string Wires(Part part)
    {
        var names = part.Ports.ToDictionary(port => port.Id, port => Name(port.Name));
        var rows = new List<(PartLink First, PartLink Last)>();
        foreach (var link in part.Links.Where(link => link.Kind == LinkKind.Wire))
        {
            if (rows is [.., var (first, last)] && GoesOn(first.One, last.One, link.One) && GoesOn(first.Other, last.Other, link.Other))
                rows[^1] = (first, link);
            else
                rows.Add((link, link));
        }

        return string.Join(", ", rows.Select(row => $"{Row(row.First.One, row.Last.One)} = {Row(row.First.Other, row.Last.Other)}"));

        string Row(InnerEnd from, InnerEnd to) => from == to ? string.Create(CultureInfo.InvariantCulture, $"{names[from.Port]}/{from.Position}")
            : string.Create(CultureInfo.InvariantCulture, $"{names[from.Port]}/{from.Position}-{to.Position}");
    }

    private static bool GoesOn(InnerEnd first, InnerEnd last, InnerEnd next)
        => next.Port == last.Port && Math.Abs(next.Position - last.Position) == 1
            && (first == last || Math.Sign(next.Position - last.Position) == Math.Sign(last.Position - first.Position));

    // Where it is known from stands last.
    private static string Times(string item, int times)
        => item.EndsWith(')') ? $"{item[..item.LastIndexOf(" (", StringComparison.Ordinal)]} ×{times}{item[item.LastIndexOf(" (", StringComparison.Ordinal)..]}" : $"{item} ×{times}";

    // Only blanks around it, semicolons, quotes and brackets that do not close would part a name at the head of a line.
    private static string Head(string name) => name.Trim() == name && name.Length > 0 && HeadPattern().IsMatch(name) ? name : Quoted(name);

    private static string Name(string name) => IsPlain(name) ? name : Quoted(name);

    private static bool IsPlain(string name)
        => name.Length > 0 && name.Trim() == name && !name.StartsWith('#') && name.IndexOfAny([';', ':', '=', '"', ',', '/', '(', ')', '\n']) < 0
            && !name.Equals("wires", StringComparison.OrdinalIgnoreCase) && !name.Contains(" to ", StringComparison.Ordinal);

    private static string Quoted(string text) => $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"";

    [GeneratedRegex("""^[^;"()\n]*(?:\([^;"()\n]*\)[^;"()\n]*)*$""")]
    private static partial Regex HeadPattern();
}
