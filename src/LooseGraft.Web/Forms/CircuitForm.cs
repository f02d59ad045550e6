using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire.Circuits;

namespace LooseGraft.Web.Forms;

/// <summary>One of the small circuits as a form: what it asks for, with usual figures, and how it is worked out.</summary>
/// <param name="Key">Its name in the address.</param>
/// <param name="Title">Its name on the page.</param>
/// <param name="Fields">What it asks for.</param>
/// <param name="WorkOut">Works it out from the figures, in the order of the fields.</param>
public sealed record CircuitForm(string Key, string Title, IReadOnlyList<CircuitForm.Field> Fields, Func<double[], CircuitAnswer> WorkOut)
{
    /// <summary>One figure that is asked for.</summary>
    /// <param name="Name">Its name in the form.</param>
    /// <param name="Label">What it is.</param>
    /// <param name="Unit">Its unit.</param>
    /// <param name="Usual">The figure that stands there at first.</param>
    public sealed record Field(string Name, string Label, string Unit, double Usual);

    private static readonly Field Supply = new("supply", "Supply", "V", 12);
    private static readonly Field Forward = new("forward", "Light conducts at", "V", 2);
    private static readonly Field Milliamps = new("current", "Current wanted", "mA", 5);

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<CircuitForm> All { get; } =
    [
        new("light", "A light on another voltage", [Supply, Forward, Milliamps], f => SmallCircuits.Light(new Volts(f[0]), new Volts(f[1]), Milli(f[2]))),
        new("lamp", "A light in place of a lamp, direct current", [Supply with { Label = "The lamp's voltage", Usual = 6.3 }, Forward, Milliamps],
            f => SmallCircuits.LightForLamp(new Volts(f[0]), false, new Volts(f[1]), Milli(f[2]))),
        new("lamp-ac", "A light in place of a lamp, alternating current", [Supply with { Label = "The lamp's voltage", Usual = 6.3 }, Forward, Milliamps],
            f => SmallCircuits.LightForLamp(new Volts(f[0]), true, new Volts(f[1]), Milli(f[2]))),
        new("fan", "A fan on less than its voltage", [new("rated", "Made for", "V", 12), new("running", "Draws there", "mA", 150), new("fed", "Gets", "V", 5)],
            f => SmallCircuits.Fan(new Volts(f[0]), Milli(f[1]), new Volts(f[2]), isBetweenRails: false)),
        new("fan-7", "A fan between +12 V and +5 V", [new("running", "Draws at 12 V", "mA", 150)], f => SmallCircuits.Fan(new Volts(12), Milli(f[0]), new Volts(7), isBetweenRails: true)),
        new("divider", "A level made lower", [new("high", "Comes in", "V", 5), new("low", "Wanted", "V", 3.3)], f => SmallCircuits.Divider(new Volts(f[0]), new Volts(f[1]))),
        new("relay", "Start by applying power, with a relay that holds",
            [new("coil", "Coil made for", "V", 5), new("coilOhms", "Coil", "ohm", 125), new("rail", "Held by a rail of", "V", 5), new("spare", "which has to spare", "mA", 400), new("contact", "Contact bears", "A", 10), new("load", "runs through it", "A", 3)],
            f => SmallCircuits.HoldingRelay(new Volts(f[0]), new Ohms(f[1]), new Volts(f[2]), Milli(f[3]), new Amps(f[4]), new Amps(f[5]))),
    ];

    /// <summary>The circuit of that key; the first when there is none.</summary>
    public static CircuitForm Find(string? key) => All.FirstOrDefault(form => form.Key == key) ?? All[0];

    private static Amps Milli(double milliamps) => new(milliamps / 1000);
}
