using System.Globalization;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Wire.Circuits.CircuitPiece.Sorts;

namespace LooseGraft.Core.Wire.Circuits;

/// <summary>The small circuits that grafts keep needing, with values that shops sell and their ratings.</summary>
public static class SmallCircuits
{
    // A contact that switches a cold lamp or an empty capacitor sees many times the running current; half its rating is common practice.
    private const double ContactShare = 0.5;

    // Most relays pull in at 75 % of their coil voltage and fall out below 10 to 30 % (relay data sheets).
    private const double PullInShare = 0.75;

    /// <summary>A light-emitting diode on a supply: R = (U − Uf) / I, the next value up, P = I² · R.</summary>
    /// <param name="supply">The supply.</param>
    /// <param name="forward">The voltage at which the light conducts.</param>
    /// <param name="wanted">The current wanted; 2 to 10 mA is plenty for an indicator.</param>
    public static CircuitAnswer Light(Volts supply, Volts forward, Amps wanted)
    {
        if (wanted.Value <= 0 || forward.Value <= 0) return CircuitAnswer.No("A light needs a forward voltage and a current above 0.");
        var left = supply - forward;
        if (left.Value < 0.2)
            return CircuitAnswer.No(
                $"{supply} is too little for a light that conducts at {forward}.",
                "take a higher supply, or a light of another colour: red conducts from about 1.9 V");
        if (ResistorSeries.AtLeast(new Ohms(left.Value / wanted.Value)) is not { } resistor)
            return CircuitAnswer.No("No resistor that shops sell is large enough; ask for more current.");
        var current = left / resistor;
        var power = new Watts(current.Value * current.Value * resistor.Value);
        return new CircuitAnswer(
            $"{resistor} in series with the light.",
            [
                $"{Milli(current)} through it, {100 * current.Value / wanted.Value:0} % of what you asked for.",
                Rating(power),
                $"Brightness follows the current: half the current looks a little dimmer, not half as bright.",
            ],
            [new(End, supply.ToString()), new(Resistor, resistor.ToString()), new(CircuitPiece.Sorts.Light, forward.ToString()), new(End, "ground")],
            left.Value < 0.15 * supply.Value ? ["So little is left for the resistor that the brightness moves with every tenth of a volt."] : []);
    }

    /// <summary>A light in place of a filament lamp on the same supply.</summary>
    /// <param name="lamp">The voltage the lamp was made for.</param>
    /// <param name="isAlternating">Whether the lamp was fed with alternating current.</param>
    /// <param name="forward">The voltage at which the light conducts.</param>
    /// <param name="wanted">The current wanted.</param>
    public static CircuitAnswer LightForLamp(Volts lamp, bool isAlternating, Volts forward, Amps wanted)
    {
        // The crest of an alternating voltage is √2 of what is printed on the lamp; a diode lets half of each wave through and takes 0.7 V.
        var crest = isAlternating ? new Volts((lamp.Value * Math.Sqrt(2)) - 0.7) : lamp;
        var answer = Light(crest, forward, isAlternating ? new Amps(wanted.Value * 2) : wanted);
        return !answer.Works || !isAlternating ? answer : answer with
        {
            Figures = [.. answer.Figures,
                "Half of each wave is used, so the light is on half the time: twice the current at the crest gives what you asked for on the average."],
            Chain = [answer.Chain[0] with { Label = $"{lamp} alternating" }, new(CircuitPiece.Sorts.Diode, "1N4148 or like"), .. answer.Chain.Skip(1)],
            Cautions = [.. answer.Cautions, "Only on a winding of a sealed transformer of low voltage. Nothing of this on mains."],
        };
    }

    /// <summary>A fan on less than its voltage.</summary>
    /// <param name="rated">The voltage it is made for.</param>
    /// <param name="running">What it draws there.</param>
    /// <param name="fed">What it gets: the difference where it hangs between two rails.</param>
    /// <param name="isBetweenRails">Whether it hangs between +12 V and +5 V.</param>
    public static CircuitAnswer Fan(Volts rated, Amps running, Volts fed, bool isBetweenRails)
    {
        if (rated.Value <= 0 || fed.Value <= 0 || running.Value <= 0) return CircuitAnswer.No("A fan needs a voltage and a current above 0.");
        if (fed.Value > rated.Value * 1.1) return CircuitAnswer.No($"{fed} is more than the {rated} it is made for.", "it runs hot and loud and does not last");
        // Fan laws: flow follows speed and noise falls with it; speed follows voltage roughly in proportion.
        var share = fed.Value / rated.Value;
        // Sleeve and ball bearings start from five to seven volts of twelve (makers' data sheets: starting voltage).
        var starts = share >= 0.58;
        return new CircuitAnswer(
            $"It runs at about {100 * share:0} % of its speed and moves about as much of its air.",
            [
                $"Noise falls by about {50 * Math.Abs(Math.Log10(share)):0} dB (50 · log10 of the speed).",
                $"It draws about {Milli(new Amps(running.Value * share))}.",
                starts
                    ? "Most fans start at this voltage."
                    : "Many fans do not start at this voltage, though they would go on turning: try it ten times, cold.",
            ],
            [new(End, isBetweenRails ? "+12 V" : fed.ToString()), new(Motor, "fan"), new(End, isBetweenRails ? "+5 V" : "ground")],
            isBetweenRails ? ["Its current goes back into +5 V. If nothing else draws at least as much from +5 V, the rail is lifted and what is on it dies. A resistor or a fan controller is safer."] : []);
    }

    /// <summary>A voltage divider from values that shops sell: the pair of all pairs whose ratio is nearest, at about a milliampere.</summary>
    /// <param name="high">What comes in.</param>
    /// <param name="low">What is wanted.</param>
    public static CircuitAnswer Divider(Volts high, Volts low)
    {
        if (low.Value <= 0 || high <= low) return CircuitAnswer.No("A divider only makes less: more than 0 and less than what comes in.");
        var (upper, lower) = DividerPair(high, low);
        if (upper.Value <= 0) return CircuitAnswer.No("No pair that shops sell comes near.");
        var made = new Volts(high.Value * lower.Value / (upper.Value + lower.Value));
        var source = upper.Value * lower.Value / (upper.Value + lower.Value);
        return new CircuitAnswer(
            $"{upper} above, {lower} below.",
            [
                $"It makes {made.Value.ToString("0.000", CultureInfo.InvariantCulture)} V, {100 * Math.Abs(made.Value - low.Value) / low.Value:0.0} % off; with resistors of 5 % it may be {100 * (1 - (low.Value / high.Value)) * 0.1:0.0} % off either way.",
                $"{Milli(high / (upper + lower))} through it.",
                $"Behind it the signal sees {new Ohms(Math.Round(source))}: right for an input, never for feeding anything.",
            ],
            [new(End, high.ToString()), new(Resistor, upper.ToString()), new(Tap, low.ToString()), new(Resistor, lower.ToString()), new(End, "ground")],
            ["One way only: what comes back the other way is not raised. For a line that talks both ways take a level shifter."]);
    }

    /// <summary>Starting by a momentary switch that applies power, with a relay that holds itself until the machine shuts down.</summary>
    /// <param name="coil">The coil's voltage.</param>
    /// <param name="coilOhms">The coil's resistance.</param>
    /// <param name="rail">The rail of the running machine that holds the coil.</param>
    /// <param name="railSpare">What that rail has to spare.</param>
    /// <param name="contact">What the relay's contact bears.</param>
    /// <param name="load">What runs through the contact.</param>
    public static CircuitAnswer HoldingRelay(Volts coil, Ohms coilOhms, Volts rail, Amps railSpare, Amps contact, Amps load)
    {
        if (coil.Value <= 0 || coilOhms.Value <= 0 || contact.Value <= 0)
            return CircuitAnswer.No("The coil needs a voltage and a resistance above 0, and the contact a rating.");
        var current = rail / coilOhms;
        if (rail.Value < coil.Value * PullInShare)
            return CircuitAnswer.No($"{rail} does not pull in a coil for {coil}.", $"it needs at least {new Volts(coil.Value * PullInShare)}");
        if (rail.Value > coil.Value * 1.1) return CircuitAnswer.No($"{rail} overheats a coil for {coil}.", "take a relay for this rail's voltage");
        if (current.Value > railSpare.Value)
            return CircuitAnswer.No(
            $"The coil takes {Milli(current)}, and the rail has {Milli(railSpare)} to spare.", "take a relay with a coil of more ohms, or another rail");
        if (load.Value > contact.Value * ContactShare)
            return CircuitAnswer.No(
                $"{load} through a contact for {contact} is too much: half its rating is the most for what draws a surge when switched.",
                "take a relay with a larger contact");
        return new CircuitAnswer(
            "The switch feeds the machine for as long as it is pressed; once the rail is up, the coil closes the contact beside the switch and holds it.",
            [
                $"The coil takes {Milli(current)} of {rail}.",
                "Hold the switch until the machine shows life: the rail must be up before you let go.",
                $"At shutdown the rail falls, and below about {new Volts(coil.Value * 0.1)} the contact opens: the machine has turned itself off at the wall side of the contact.",
            ],
            [new(End, rail.ToString()), new(Coil, $"{coil}, {coilOhms}"), new(End, "ground"), new(End, "input"),
                new(Contact, $"switch beside contact, {contact}"), new(End, "machine")],
            [
                "A diode across the coil, its bar towards plus, or the spark of letting go ends the switch and more.",
                "Low voltage only, behind a sealed supply or brick. A contact in the mains belongs to a qualified person.",
            ]);
    }

    /// <summary>The pair of resistors, upper and lower, that comes nearest; zero when none comes near.</summary>
    internal static (Ohms Upper, Ohms Lower) DividerPair(Volts high, Volts low)
        // Between a tenth of and three milliamperes: enough for an input, little for an output. Exhaustive over the series squared.
        => (from one in ResistorSeries.All
            from other in ResistorSeries.All
            let total = one.Value + other.Value
            where high.Value / total is >= 1e-4 and <= 3e-3
            orderby Math.Abs((high.Value * other.Value / total) - low.Value), Math.Abs(Math.Log(high.Value / total / 1e-3))
            select (one, other)).FirstOrDefault();

    private static string Rating(Watts power) => ResistorSeries.RatingFor(power) is { } rating
        ? string.Create(CultureInfo.InvariantCulture, $"{power.Value * 1000:0} mW in the resistor: one for {rating.Value:0.##} W stays cool.")
        : $"{power} in the resistor: too hot for one; take a lower supply.";

    private static string Milli(Amps current) => $"{(current.Value * 1000).ToString("0.#", CultureInfo.InvariantCulture)} mA";
}
