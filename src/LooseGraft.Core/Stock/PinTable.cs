using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Naming;

namespace LooseGraft.Core.Stock;

/// <summary>Pins out of a table that was typed or pasted: one row a pin, its position first or the positions simply in order.</summary>
/// <param name="Pins">The pins; empty when anything is wrong.</param>
/// <param name="Errors">What is wrong, row by row.</param>
public sealed partial record PinTable(ImmutableArray<Pin> Pins, ImmutableArray<string> Errors)
{
    /// <summary>Words for a position that has no contact.</summary>
    private static readonly string[] AbsentWords = ["absent", "key", "left out", "missing", "-", "–"];

    /// <summary>Reads rows of cells: <c>position, signal, wire colour, note</c>, or <c>signal</c> alone; one cell may hold both, as in
    /// <c>Pin 3: ground</c>.</summary>
    /// <param name="rows">The rows, each with its line for words about it.</param>
    /// <param name="port">The port they are for.</param>
    /// <param name="sort">What it is for.</param>
    /// <param name="evidence">Where the table comes from.</param>
    /// <returns>Every pin, or every error; never some of both.</returns>
    public static PinTable Read(IEnumerable<(int Line, IReadOnlyList<string> Cells)> rows, Port port, PortSort sort, Evidence evidence)
    {
        var (pins, errors) = (new Dictionary<int, Pin>(), new List<string>());
        var next = 1;
        foreach (var (index, (line, raw)) in rows.Index())
        {
            var cells = Parted(raw, sort);
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
            else if (Read(port.PinAt(position), rest, sort, evidence) is var (pin, reading) && pin is null)
                errors.Add($"Line {line}: {reading.Problem}");
            else
                pins[position] = pin;
        }

        return errors.Count > 0 ? new PinTable([], [.. errors]) : new PinTable([.. pins.Values.OrderBy(pin => pin.Position)], []);
    }

    /// <summary>What a signal may be, for words beside a field.</summary>
    public const string SignalHelp = "Type a supply such as +12 V, ground, none, unknown, absent, a known name, or one of your own in letters, digits and spaces.";

    /// <summary>Whether a word says that a position has no contact.</summary>
    public static bool IsAbsent(string text) => AbsentWords.Contains(text.Trim().ToLowerInvariant());

    /// <summary>A pin as it is after one cell was typed: empty for unknown, <c>absent</c> for no contact, or a signal.</summary>
    /// <param name="pin">The pin as it stands.</param>
    /// <param name="text">What was typed.</param>
    /// <param name="sort">What its connector is for.</param>
    /// <param name="evidence">Where that comes from.</param>
    /// <returns>The pin, null when what was typed will not do or must be asked, and how it was read.</returns>
    public static (Pin? Pin, SignalReading Reading) Typed(Pin pin, string text, PortSort sort, Evidence evidence)
    {
        if (IsAbsent(text))
        {
            return (pin with { Contact = ContactState.Absent, Signal = new Known<Signal>(Signal.None, evidence, pin.Signal.Note) },
                new SignalReading.Understood(text, Signal.None));
        }

        var reading = SignalNames.Read(string.IsNullOrWhiteSpace(text) ? Signal.Unknown.Name : text, sort);
        return (reading.Signal is not { } signal ? null : pin with
        {
            Contact = pin.Contact == ContactState.Absent ? ContactState.Wired : pin.Contact,
            Signal = new Known<Signal>(signal, signal == Signal.Unknown ? Evidence.Assumed : evidence, pin.Signal.Note),
        }, reading);
    }

    private static (Pin? Pin, SignalReading Reading) Read(Pin pin, IReadOnlyList<string> cells, PortSort sort, Evidence evidence)
    {
        var (typed, reading) = Typed(pin, cells.Count > 0 ? cells[0] : "", sort, evidence);
        if (typed is null) return (null, reading);
        var colour = cells.Count > 1 && cells[1].Length > 0 ? cells[1] : typed.WireColour;
        var note = cells.Count > 2 && cells[2].Length > 0 ? cells[2] : typed.Signal.Note;
        return (typed with { WireColour = colour, Signal = typed.Signal with { Note = note } }, reading);
    }

    // "5 V" is a supply, "5 ground" is position 5.
    private static IReadOnlyList<string> Parted(IReadOnlyList<string> cells, PortSort sort)
        => SignalNames.Read(cells[0], sort) is SignalReading.Understood || PlacePattern().Match(cells[0]) is not { Success: true } place
            ? cells
            : [place.Groups["position"].Value, .. place.Groups["signal"].Value is { Length: > 0 } signal ? [signal] : Array.Empty<string>(), .. cells.Skip(1)];

    private static bool IsHeading(string cell) => cell.ToLowerInvariant() is "position" or "pin" or "signal" or "name" or "colour" or "color" or "note";

    [GeneratedRegex(@"^(?:(?:pin|position|contact|no\.?)\s*)?#?(?<position>\d{1,5})(?:\s*[.):=]\s*|\s+[-–]\s+|\s+|$)(?<signal>\S.*)?$", RegexOptions.IgnoreCase)]
    private static partial Regex PlacePattern();
}
