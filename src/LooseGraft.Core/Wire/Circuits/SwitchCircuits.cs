using System.Globalization;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Wire.Circuits.CircuitPiece.Sorts;

namespace LooseGraft.Core.Wire.Circuits;

/// <summary>Switches that are not of the sort the board waits for.</summary>
public static class SwitchCircuits
{
    // JEDEC JESD8: an input takes up to 0.8 V for low; from 0.7 of its supply on it is surely high.
    private const double LowAtMost = 0.8;
    private const double SurelyHigh = 0.7;

    // Boards force themselves off when their switch is held for about four seconds (ACPI specification).
    private const double ForcedOffSeconds = 4;
    private const double ContactShare = 0.5;

    private static readonly double[] CapacitorSteps = [1.0, 1.5, 2.2, 3.3, 4.7, 6.8];

    /// <summary>A key that stays down for a board that waits for a press: a capacitor lets only the moment through.</summary>
    /// <param name="pulledTo">What the board's switch contact reads when open.</param>
    /// <param name="pullUp">The board's own resistor behind it: that voltage over the current that flows when the contact is shorted through a meter.</param>
    /// <param name="wanted">How long the press shall last, in seconds: 0.1 to 2.</param>
    public static CircuitAnswer LatchingToMomentary(Volts pulledTo, Ohms pullUp, double wanted)
    {
        if (pulledTo.Value <= LowAtMost / SurelyHigh || pullUp.Value <= 0)
            return CircuitAnswer.No("The contact needs more than about 1.2 V and a resistance above 0.");
        if (wanted is < 0.1 or > 2)
            return CircuitAnswer.No("A press lasts from 0.1 to 2 seconds: shorter is missed, and held for about four the board forces itself off.");
        // The contact stays below the low threshold for R · C · ln(U / (U − 0.8 V)).
        var timeConstants = Math.Log(pulledTo.Value / (pulledTo.Value - LowAtMost));
        var farad = CapacitorAtLeast(wanted / (pullUp.Value * timeConstants));
        var pressed = pullUp.Value * farad * timeConstants;
        if (pressed >= ForcedOffSeconds || ResistorSeries.AtLeast(new Ohms(pullUp.Value * 10)) is not { } bleed)
            return CircuitAnswer.No(
                "No capacitor and resistor that shops sell fit this resistance.", "a latching key with a second contact, or a small microcontroller, will do");
        return new CircuitAnswer(
            $"{Micro(farad)} in series with the key, {bleed} across the capacitor.",
            [
                string.Create(CultureInfo.InvariantCulture,
                    $"The board sees a press of about {pressed:0.##} s, then {pulledTo.Value * bleed.Value / (bleed.Value + pullUp.Value):0.##} V, which is high."),
                string.Create(CultureInfo.InvariantCulture,
                    $"Let the key up for {3 * bleed.Value * farad:0.#} s before the next press counts: the capacitor empties through its resistor."),
                "Only pressing down counts. To turn off by key, let it up and press it again.",
            ],
            [new(End, "switch contact"), new(Capacitor, Micro(farad)), new(Contact, "key that stays"), new(End, "ground")],
            ["An electrolytic capacitor has its minus at ground."]);
    }

    /// <summary>A key that springs back for something that wants to stay on: a relay that changes with every press.</summary>
    /// <param name="coil">The voltage of the relay's coil and of what feeds it while the machine is off.</param>
    /// <param name="coilOhms">The coil.</param>
    /// <param name="standby">What that supply has to spare.</param>
    /// <param name="contact">What the contact bears.</param>
    /// <param name="load">What runs through it.</param>
    public static CircuitAnswer MomentaryToLatching(Volts coil, Ohms coilOhms, Amps standby, Amps contact, Amps load)
    {
        if (coil.Value <= 0 || coilOhms.Value <= 0 || contact.Value <= 0)
            return CircuitAnswer.No("The coil needs a voltage and a resistance above 0, and the contact a rating.");
        var current = coil / coilOhms;
        if (current > standby)
            return CircuitAnswer.No(
            $"The coil takes {current.Value * 1000:0.#} mA while the key is held, and the supply has {standby.Value * 1000:0.#} mA to spare.",
            "take a relay with a coil of more ohms");
        if (load.Value > contact.Value * ContactShare)
            return CircuitAnswer.No(
                $"{load} through a contact for {contact} is too much: half its rating is the most for what draws a surge when switched.",
                "take a relay with a larger contact");
        return new CircuitAnswer("An impulse relay: each press changes its contact, and it stays so without current.",
            [$"The coil takes {current.Value * 1000:0.#} mA, only while the key is held.",
                "It stays as it was through a power cut: what was on comes back on."],
            [new(End, coil.ToString()), new(Contact, "key that springs back"), new(Coil, $"impulse relay, {coilOhms}"), new(End, "ground"), new(End, "input"),
                new(Contact, $"its contact, {contact}"), new(End, "load")],
            ["A diode across the coil, its bar towards plus.", "Low voltage only, behind a sealed supply or brick."]);
    }

    /// <summary>A contact that wants to be grounded, tried through a resistor before it is tied for good.</summary>
    /// <param name="highest">The highest voltage it might turn out to carry.</param>
    public static CircuitAnswer SenseLink(Volts highest)
    {
        if (highest.Value <= 0) return CircuitAnswer.No("Give the highest voltage in the machine, usually 12.");
        var resistor = new Ohms(1000);
        var current = highest / resistor;
        return new CircuitAnswer("Try it through 1 kilohm first; tie it only when the machine is content.",
            [
                $"Should the contact be {highest} after all, {current.Value * 1000:0.#} mA flow and nothing is hurt.",
                ResistorSeries.RatingFor(highest * current) is { } rating
                    ? string.Create(CultureInfo.InvariantCulture, $"One for {rating.Value:0.##} W stays cool.") : "Take a larger resistor.",
                "Nearly every sense input takes 1 kilohm to ground for grounded; if the message stays, the contact was another.",
            ],
            [new(End, "sense contact"), new(Resistor, resistor.ToString()), new(End, "ground")], []);
    }

    private static double CapacitorAtLeast(double farad)
    {
        var decade = Math.Pow(10, Math.Floor(Math.Log10(farad)));
        return CapacitorSteps.Append(10).Select(step => step * decade).First(value => value >= farad * (1 - 1e-9));
    }

    // The least that a press of a tenth of a second asks for behind 100 kilohm is 0.83 µF.
    private static string Micro(double farad) => string.Create(CultureInfo.InvariantCulture, $"{farad * 1e6:0.##} µF");
}
