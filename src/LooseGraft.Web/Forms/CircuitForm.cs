using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire.Circuits;

namespace LooseGraft.Web.Forms;

/// <summary>One of the small circuits as a form: what it asks for, with usual figures, and how it is worked out.</summary>
/// <param name="Key">Its name in the address.</param>
/// <param name="Group">What it is about.</param>
/// <param name="Cures">What it cures.</param>
/// <param name="Title">Its name on the page.</param>
/// <param name="Fields">What it asks for.</param>
/// <param name="WorkOut">Works it out from the figures, in the order of the fields.</param>
public sealed record CircuitForm(
    string Key, string Group, string Cures, string Title, IReadOnlyList<CircuitForm.Field> Fields, Func<double[], CircuitAnswer> WorkOut)
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
        new("light", "Lights", "The light is made for less than what the contact gives.",
            "A light on another voltage", [Supply, Forward, Milliamps], f => SmallCircuits.Light(new Volts(f[0]), new Volts(f[1]), Milli(f[2]))),
        new("lamp", "Lights", "The old lamp was fed with direct current.",
            "A light in place of a lamp, direct current", [Supply with { Label = "The lamp's voltage", Usual = 6.3 }, Forward, Milliamps],
            f => SmallCircuits.LightForLamp(new Volts(f[0]), false, new Volts(f[1]), Milli(f[2]))),
        new("lamp-ac", "Lights", "The old lamp was fed by a transformer.",
            "A light in place of a lamp, alternating current", [Supply with { Label = "The lamp's voltage", Usual = 6.3 }, Forward, Milliamps],
            f => SmallCircuits.LightForLamp(new Volts(f[0]), true, new Volts(f[1]), Milli(f[2]))),
        new("fan", "Fans", "The fan is too loud, or what feeds it gives less.",
            "A fan on less than its voltage", [new("rated", "Made for", "V", 12), new("running", "Draws there", "mA", 150), new("fed", "Gets", "V", 5)],
            f => SmallCircuits.Fan(new Volts(f[0]), Milli(f[1]), new Volts(f[2]), isBetweenRails: false)),
        new("fan-7", "Fans", "Seven volts between two rails, without a part.",
            "A fan between +12 V and +5 V", [new("running", "Draws at 12 V", "mA", 150)],
            f => SmallCircuits.Fan(new Volts(12), Milli(f[0]), new Volts(7), isBetweenRails: true)),
        new("string", "Fans", "One header for several fans.", "Fans in a string on one header",
            [new("count", "Fans", "pieces", 3), new("running", "One draws", "mA", 150), new("header", "The header bears", "A", 1)],
            f => FanAndSoundCircuits.FanString((int)Math.Min(f[0], 1000), Milli(f[1]), new Amps(f[2]))),
        new("tacho", "Fans", "The board halts because no fan turns.",
            "A tacho for a board that insists on a fan", [new("turns", "It shall be told", "turns a minute", 1500)],
            f => FanAndSoundCircuits.Tacho(f[0])),
        new("level", "Lines between boards", "One side gives more than the other bears.",
            "A data line between two voltages", [new("high", "One side gives", "V", 5), new("low", "The other is made for", "V", 3.3)],
            f => LogicLevels.OneWay(new Volts(f[0]), new Volts(f[1]))),
        new("open-collector", "Lines between boards", "Both sides pull the line down, neither drives it up.", "An open-collector line, pulled up",
            [new("pull", "Pulled up to", "V", 5), new("sink", "Either side sinks", "mA", 3), new("length", "Length", "mm", 300),
            new("speed", "It talks at", "bit/s", 10000)],
            f => LogicLevels.OpenCollector(new Volts(f[0]), Milli(f[1]), new Millimetres(f[2]), f[3])),
        new("latching", "Switches and starting", "The key stays down; the board takes that as holding the button.",
            "A key that stays down for a board that wants a press",
            [new("pull", "The contact reads open", "V", 3.3), new("pullUp", "Behind it", "ohm", 10000), new("press", "Press lasts", "s", 0.3)],
            f => SwitchCircuits.LatchingToMomentary(new Volts(f[0]), new Ohms(f[1]), f[2])),
        new("momentary", "Switches and starting", "The key springs back; the thing wants to stay on.",
            "A key that springs back for something that stays on",
            [new("coil", "Coil made for", "V", 5), new("coilOhms", "Coil", "ohm", 125), new("spare", "Fed by what has to spare", "mA", 400),
                new("contact", "Contact bears", "A", 10), new("load", "runs through it", "A", 2)],
            f => SwitchCircuits.MomentaryToLatching(new Volts(f[0]), new Ohms(f[1]), Milli(f[2]), new Amps(f[3]), new Amps(f[4]))),
        new("sense", "Switches and starting", "The board looks for something that is not there any more.",
            "A sense contact that wants ground", [new("highest", "Highest voltage in the machine", "V", 12)],
            f => SwitchCircuits.SenseLink(new Volts(f[0]))),
        new("hum", "Sound", "It hums or ticks since board and amplifier share a ground.", "Sound that shares a ground",
            [new("shared", "Current in the shared ground", "A", 1), new("gauge", "Its wire", "AWG", 22), new("length", "Length", "mm", 400)],
            f => FanAndSoundCircuits.GroundLoop(new Amps(f[0]), (int)Math.Min(f[1], 1000), new Millimetres(f[2]))),
        new("divider", "Lines between boards", "A steady voltage is too high to be read.",
            "A level made lower", [new("high", "Comes in", "V", 5), new("low", "Wanted", "V", 3.3)],
            f => SmallCircuits.Divider(new Volts(f[0]), new Volts(f[1]))),
        new("relay", "Switches and starting", "The supply has no start line: it shall hold itself on.",
            "Start by applying power, with a relay that holds",
            [new("coil", "Coil made for", "V", 5), new("coilOhms", "Coil", "ohm", 125), new("rail", "Held by a rail of", "V", 5),
                new("spare", "which has to spare", "mA", 400), new("contact", "Contact bears", "A", 10), new("load", "runs through it", "A", 3)],
            f => SmallCircuits.HoldingRelay(new Volts(f[0]), new Ohms(f[1]), new Volts(f[2]), Milli(f[3]), new Amps(f[4]), new Amps(f[5]))),
    ];

    // What a rule finds and one of them cures.
    private static readonly Dictionary<string, string> Cure = new()
    {
        ["WIRE-017"] = "level",
        ["WIRE-022"] = "fan-7",
        ["WIRE-028"] = "light",
        ["WIRE-029"] = "relay",
        ["WIRE-064"] = "tacho",
        ["WIRE-065"] = "string",
        ["WIRE-067"] = "hum",
    };

    /// <summary>The rules of which a circuit cures what they find.</summary>
    public static IEnumerable<string> CuredRules => Cure.Keys;

    /// <summary>The circuit that cures what a rule finds; null when none does.</summary>
    public static CircuitForm? For(string rule) => Find(Cure.GetValueOrDefault(rule));

    /// <summary>The circuit of that key; null when there is none.</summary>
    public static CircuitForm? Find(string? key) => All.FirstOrDefault(form => form.Key == key);

    private static Amps Milli(double milliamps) => new(milliamps / 1000);
}
