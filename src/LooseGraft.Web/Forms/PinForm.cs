using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What the builder types about a pin.</summary>
public sealed class PinForm
{
    private const double HighestLevel = 500;

    public string? Signal { get; set; }

    public Evidence Evidence { get; set; }

    public ContactState Contact { get; set; }

    public SignalDirection Direction { get; set; }

    public string? Level { get; set; }

    public string? NeededFor { get; set; }

    public string? WireColour { get; set; }

    public string? Note { get; set; }

    /// <summary>The pin as it is described; null, with errors, when something will not do.</summary>
    public Pin? Read(ModelStateDictionary errors, int position)
    {
        var signal = Core.Model.Signal.Parse(Signal ?? "");
        if (signal is null)
        {
            errors.AddModelError("signal", $"“{Signal}” is not a signal. Type a supply such as +12 V or +5 V standby, ground, none, unknown, "
                + "a known name such as power-switch, or one of your own in letters, digits and spaces.");
        }

        Volts? level = null;
        VoltSpan? range = null;
        if (!string.IsNullOrWhiteSpace(Level))
        {
            if (FigureText.TryRead(Level, "V") is { } volts && Math.Abs(volts) <= HighestLevel) level = new Volts(volts);
            else if (VoltRangeText.TryRead(Level) is { } span && Math.Max(span.High.Value, -span.Low.Value) <= HighestLevel) range = span;
            else errors.AddModelError("level", $"“{Level}” is not a level. Type volts from −{HighestLevel} to {HighestLevel}, such as 3.3, a range that a supply input works on, such as 18–20, or nothing.");
        }

        return signal is null || !errors.IsValid
            ? null
            : new Pin(position)
            {
                Signal = new Known<Signal>(signal, Evidence, Note.Lines()),
                Contact = Contact,
                Direction = Direction,
                Level = level,
                LeastVolts = range?.Low,
                MostVolts = range?.High,
                NeededFor = NeededFor.Trimmed(),
                WireColour = WireColour.Trimmed(),
            };
    }
}
