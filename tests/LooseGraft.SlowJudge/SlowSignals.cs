namespace LooseGraft.SlowJudge;

/// <summary>What this judge knows of signals: its own short table, so that a slip in the product's table shows.</summary>
internal static class SlowSignals
{
    public static SlowPart Of(SlowPin pin)
    {
        if (pin.Conducts || pin.Direction == "passive" || pin.Volts is not null || pin.IsGround || pin.Signal == "none") return SlowPart.Wire;
        return (pin.Signal, pin.Kind) switch
        {
            ("serial-transmit", _) => SlowPart.Stiff(pin.Level),
            ("serial-receive", _) => SlowPart.Listens(pin.Level),
            ("power-good", "supply") => SlowPart.Stiff(5),
            ("power-good", _) => SlowPart.Listens(5),
            ("supply-on", "board") => SlowPart.Open,
            ("supply-on", _) => SlowPart.Listens(5),
            ("fan-tacho", "fan") => SlowPart.Open,
            ("fan-tacho", _) => SlowPart.Listens(null),
            ("fan-control", "board") => SlowPart.Open with { Level = 5 },
            ("fan-control", _) => SlowPart.Listens(5),
            ("usb1-data+" or "usb1-data-", _) => SlowPart.InTurn,
            ("power-light+" or "drive-light+", "board") => SlowPart.Weak,
            ("power-light-" or "drive-light-", "board") => SlowPart.Open with { Level = 5 },
            ("power-switch" or "reset-switch", "board") => SlowPart.Listens(null),
            ("drive-power-enable", "board") => SlowPart.Stiff(pin.Level),
            ("drive-power-enable" or "audio-presence" or "fan-present", _) => SlowPart.Listens(pin.Level),
            ("line-left", "board") => SlowPart.Weak,
            ("line-left", _) => SlowPart.Listens(null),
            ("speaker+" or "speaker-", "other") => SlowPart.Bridge,
            _ => SlowPart.Wire,
        };
    }

    /// <summary>Whether two lines have something to say to each other.</summary>
    public static bool Match(string one, string other)
        => (one, other) is ("serial-transmit", "serial-receive") or ("serial-receive", "serial-transmit") || (one == other && one != "serial-receive");

    /// <summary>Whether an input is meant to be held at ground.</summary>
    public static bool MayBeGrounded(SlowPin pin) => pin.Level == 0 || pin.Signal is "audio-presence" or "supply-on";

    /// <summary>Whether an input is meant to be held at a supply.</summary>
    public static bool MayBeHeld(SlowPin pin, double volts)
        => pin.Level is { } level && level > 0 && pin.Signal is "drive-power-enable" or "fan-present" && Math.Abs(volts - pin.Level.Value) < 0.06 * pin.Level;
}
