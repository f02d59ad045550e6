using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Naming;
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
    /// <param name="errors">Where errors go.</param>
    /// <param name="before">The pin as it stands; a name that it has already is not asked about again.</param>
    /// <param name="sort">What its connector is for.</param>
    public Pin? Read(ModelStateDictionary errors, Pin before, PortSort sort)
    {
        var typed = Signal ?? "";
        var reading = typed == before.Signal.Value.Name ? null : SignalNames.Read(typed, sort);
        var signal = reading is null ? before.Signal.Value : reading.Signal;
        if (signal is null) errors.AddModelError("signal", reading!.Problem!);

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
            : new Pin(before.Position)
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
