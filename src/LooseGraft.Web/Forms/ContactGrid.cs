using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Naming;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What was typed into the grid of a connector's contacts, and what came of it.</summary>
/// <param name="Changed">The contacts that are described anew.</param>
/// <param name="Readings">How each cell was read that was not taken just as it was typed, by position.</param>
public sealed record ContactGrid(ValueList<Pin> Changed, IReadOnlyList<(int Position, SignalReading Reading)> Readings)
{
    /// <summary>A grid into which nobody typed.</summary>
    public static ContactGrid None { get; } = new([], []);

    /// <summary>Name of the field of a contact.</summary>
    public static string Field(int position) => $"signal-{position}";

    /// <summary>Name of the button that answers what was asked of a contact.</summary>
    public static string Answer(int position) => $"choose-{position}";

    /// <summary>Reads the grid; what must be asked, and what is no signal, is an error of its field.</summary>
    public static ContactGrid Read(IFormCollection form, Port port, PortSort sort, Evidence evidence, ModelStateDictionary errors)
    {
        var (changed, readings) = (new List<Pin>(), new List<(int, SignalReading)>());
        foreach (var pin in port.AllPins())
        {
            if (!form.TryGetValue(Answer(pin.Position), out var typed) && !form.TryGetValue(Field(pin.Position), out typed)) continue;
            var text = typed.ToString().Trim();
            if (text == DescribeContacts.Cell(pin)) continue;
            var (made, reading) = PinTable.Typed(pin, text, sort, evidence);
            if (made is null) errors.AddModelError(Field(pin.Position), $"Position {pin.Position}: {reading.Problem}");
            else if (made.Signal.Value != pin.Signal.Value || made.Contact != pin.Contact) changed.Add(made);
            if (made is null || DescribeContacts.Cell(made) != text) readings.Add((pin.Position, reading));
        }

        return new ContactGrid([.. changed], readings);
    }

    /// <summary>What to offer for contacts: the answers to what was asked, then what is near a name that nobody knows here.</summary>
    /// <param name="port">The connector as it stands.</param>
    /// <param name="sort">What it is for.</param>
    public IEnumerable<(int Position, SignalReading Reading)> Offers(Port port, PortSort sort)
        => Readings.Where(read => read.Reading.Signal is null && read.Reading.Choices.Length > 0)
            .Concat(port.AllPins().Where(IsOwn)
                .Select(pin => (pin.Position, SignalNames.Read(pin.Signal.Value.Name, sort)))
                .Where(pair => pair.Item2.Choices.Length > 0));

    /// <summary>What was understood, where that is not what was typed.</summary>
    public IEnumerable<(int Position, string Typed, Signal Meant)> Understood
        => from read in Readings
           where read.Reading is SignalReading.Understood
           select (read.Position, read.Reading.Typed, read.Reading.Signal!);

    /// <summary>Whether a name is one that nobody knows here.</summary>
    public static bool IsOwn(Pin pin) => pin.Signal.Value is { Family: SignalFamily.Other, Entry: null };
}
