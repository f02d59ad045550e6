using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock;

/// <summary>Pins out of a table that was typed or pasted: one row a pin, its position first or the positions simply in order.</summary>
/// <param name="Pins">The pins; empty when anything is wrong.</param>
/// <param name="Errors">What is wrong, row by row.</param>
public sealed record PinTable(ImmutableArray<Pin> Pins, ImmutableArray<string> Errors)
{
    /// <summary>Words for a position that has no contact.</summary>
    private static readonly string[] AbsentWords = ["absent", "key", "left out", "missing", "-", "–"];

    /// <summary>Reads rows of cells: <c>position, signal, wire colour, note</c>, or <c>signal</c> alone.</summary>
    /// <param name="rows">The rows, each with its line for words about it.</param>
    /// <param name="port">The port they are for.</param>
    /// <param name="evidence">Where the table comes from.</param>
    /// <returns>Every pin, or every error; never some of both.</returns>
    public static PinTable Read(IEnumerable<(int Line, IReadOnlyList<string> Cells)> rows, Port port, Evidence evidence)
    {
        var (pins, errors) = (new Dictionary<int, Pin>(), new List<string>());
        var next = 1;
        foreach (var (index, (line, cells)) in rows.Index())
        {
            var hasPosition = int.TryParse(cells[0], NumberStyles.None, CultureInfo.InvariantCulture, out var position);
            if (!hasPosition) position = next;
            // A heading names columns; no pin is called so.
            if (index == 0 && !hasPosition && cells.Any(IsHeading)) continue;
            next = position + 1;
            var rest = hasPosition ? [.. cells.Skip(1)] : cells;
            if (position < 1 || position > port.PositionCount)
                errors.Add($"Line {line}: position {position}, but {port.Name} has {port.PositionCount}.");
            else if (!pins.TryAdd(position, port.PinAt(position)))
                errors.Add($"Line {line}: position {position} again.");
            else if (Read(port.PinAt(position), rest, evidence) is { } pin)
                pins[position] = pin;
            else
                errors.Add($"Line {line}: “{(rest.Count > 0 ? rest[0] : "")}” is not a signal. {SignalHelp}");
        }

        return errors.Count > 0 ? new PinTable([], [.. errors]) : new PinTable([.. pins.Values.OrderBy(pin => pin.Position)], []);
    }

    /// <summary>What a signal may be, for words beside a field.</summary>
    public const string SignalHelp = "Type a supply such as +12 V, ground, none, unknown, absent, a known name, or one of your own in letters, digits and spaces.";

    /// <summary>A pin as it is after one cell was typed: empty for unknown, <c>absent</c> for no contact, or a signal.</summary>
    /// <returns>The pin; null when the text is no signal.</returns>
    public static Pin? Typed(Pin pin, string text, Evidence evidence)
    {
        var name = text.Trim();
        if (AbsentWords.Contains(name.ToLowerInvariant()))
            return pin with { Contact = ContactState.Absent, Signal = new Known<Signal>(Signal.None, evidence, pin.Signal.Note) };
        if (Signal.Parse(name.Length == 0 ? Signal.Unknown.Name : name) is not { } signal) return null;
        return pin with
        {
            Contact = pin.Contact == ContactState.Absent ? ContactState.Wired : pin.Contact,
            Signal = new Known<Signal>(signal, signal == Signal.Unknown ? Evidence.Assumed : evidence, pin.Signal.Note),
        };
    }

    private static Pin? Read(Pin pin, IReadOnlyList<string> cells, Evidence evidence)
    {
        if (Typed(pin, cells.Count > 0 ? cells[0] : "", evidence) is not { } typed) return null;
        var colour = cells.Count > 1 && cells[1].Length > 0 ? cells[1] : typed.WireColour;
        var note = cells.Count > 2 && cells[2].Length > 0 ? cells[2] : typed.Signal.Note;
        return typed with { WireColour = colour, Signal = typed.Signal with { Note = note } };
    }

    private static bool IsHeading(string cell) => cell.ToLowerInvariant() is "position" or "pin" or "signal" or "name" or "colour" or "color" or "note";
}
