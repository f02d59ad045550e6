using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>A contact as a line describes it.</summary>
/// <param name="Position">Its position, from 1.</param>
/// <param name="Signal">What it carries; null for a contact that is not there.</param>
/// <param name="Evidence">Where that is known from.</param>
public sealed record WrittenPin(int Position, Signal? Signal, Evidence Evidence)
{
    /// <summary>The pin with what is written of it. Its note, level, need and colour stay.</summary>
    public Pin On(Pin pin)
    {
        if (Signal is not { } signal) return pin with { Contact = ContactState.Absent, Signal = new Known<Signal>(Signal.None, Evidence, pin.Signal.Note) };
        var isKnown = signal != Signal.Unknown;
        // That nobody knows it says nothing of where that is known from.
        if (!isKnown && pin.Contact != ContactState.Absent && pin.Signal.Value == signal) return pin;
        return pin with
        {
            Contact = pin.Contact == ContactState.Absent ? ContactState.Wired : pin.Contact,
            Signal = new Known<Signal>(signal, isKnown ? Evidence : Evidence.Assumed, pin.Signal.Note),
        };
    }
}
