using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>Puts parts together from their lines.</summary>
internal sealed class PartReader(Graft graft, Mistakes mistakes)
{
    private readonly List<string> _donors = [];
    private readonly List<WrittenPort> _ports = [];
    private readonly List<WrittenWire> _wires = [];
    private readonly Dictionary<string, int> _lines = new(StringComparer.OrdinalIgnoreCase);
    private WrittenPart? _part;
    private bool _isLost;

    /// <summary>Names of the donors that were written.</summary>
    public IReadOnlyList<string> Donors => _donors;

    /// <summary>The line on which a part was written last.</summary>
    public int LineOf(string part) => _lines.GetValueOrDefault(part, 1);

    /// <summary>Begins a part.</summary>
    public void Begin(WrittenPart? part)
    {
        (_part, _isLost) = (part, part is null);
        _ports.Clear();
        _wires.Clear();
    }

    /// <summary>Ends the part that is being read. One that is only called like a usual part, and has connectors of its own, is its own.</summary>
    public WrittenPart? End() => _part is null ? null : _part with
    {
        Like = _part.IsLikeSaid || _ports.Count == 0 ? _part.Like : null,
        Ports = [.. _ports],
        Wires = [.. _wires],
    };

    /// <summary>Takes a line.</summary>
    /// <returns>The part before it, once another begins.</returns>
    public WrittenPart? Take(Piece line)
    {
        var sign = line.IndexOf(0, [':', '=']);
        if (sign < 1)
        {
            mistakes.Add(line, "A part is written sort = name, such as board = Office board; a connector name: shape, such as fan header: 1x5 pins: ground, +12.");
            return null;
        }

        var (before, after) = (line.To(sign).Trimmed, line.From(sign + 1).Trimmed);
        if (line.Text[sign] == '=')
        {
            var whole = End();
            if (StockWords.Donor.Equals(before.Text, StringComparison.OrdinalIgnoreCase)) TakeDonor(after);
            else Begin(PartLine.Read(before, after, graft, [.. graft.Donors().Select(donor => donor.Machine.Name), .. _donors], mistakes));
            if (_part is not null) _lines[_part.Name] = line.Line;
            return whole;
        }

        if (_part is { } part) TakeInside(part, before, after);
        else if (!_isLost) mistakes.Add(line, "This connector has no part. Write the part above it, such as board = Office board.");
        return null;
    }

    private void TakeDonor(Piece name)
    {
        (_part, _isLost) = (null, false);
        if (name.Split(';').Count > 1 || name.Text.Length == 0) mistakes.Add(name, "A donor is written donor = its name, and nothing more.");
        else _donors.Add(name.Unquoted);
    }

    private void TakeInside(WrittenPart part, Piece name, Piece text)
    {
        var standing = graft.Parts.FirstOrDefault(other => PartLine.IsCalled(other, part.Name));
        if (name.Text.Equals("wires", StringComparison.OrdinalIgnoreCase))
        {
            _wires.AddRange(WireList.Read(text, PortsOf(part, standing), mistakes));
            return;
        }

        var before = standing?.Ports.FirstOrDefault(port => port.Name.Equals(name.Unquoted, StringComparison.OrdinalIgnoreCase));
        if (_ports.Any(port => port.Shape.Name.Equals(name.Unquoted, StringComparison.OrdinalIgnoreCase)))
            mistakes.Add(name, $"{part.Name} has {name.Unquoted} already. Give every connector a name of its own.");
        else if (PortLine.Read(name, text, part.Kind, before, mistakes) is { } port)
            _ports.Add(port);
    }

    // Those that are written, those that stand, and those that a usual part brings.
    private List<(string Name, int Positions)> PortsOf(WrittenPart part, Part? standing)
    {
        IEnumerable<Port> brought = standing?.Ports ?? (part.Like is { } like ? TemplatePart.MakePart(like, "new", part.Name).Ports : []);
        return [.. _ports.Select(port => port.Shape).Concat(brought).DistinctBy(port => port.Name, StringComparer.OrdinalIgnoreCase)
            .Select(port => (port.Name, port.PositionCount))];
    }
}
