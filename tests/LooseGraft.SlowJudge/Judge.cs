namespace LooseGraft.SlowJudge;

/// <summary>The second judge: reads a graft's JSON by itself and computes voltages and currents of the whole network, in every state of switches and power
/// and with each driver up and down. Slow, and made to share nothing with the product but physics.</summary>
public sealed class Judge
{
    private const double MostSourceAmps = 15;
    private const double MostReverseAmps = 0.1;

    private readonly SlowGraft _graft;
    private readonly List<string> _harm = [];
    private readonly List<string> _dead = [];

    private Judge(SlowGraft graft) => _graft = graft;

    /// <summary>Judges a graft file.</summary>
    /// <returns>The verdict, and what led to it.</returns>
    public static (SlowVerdict Verdict, string Why) Of(string json)
    {
        var judge = new Judge(SlowGraft.Read(json));
        judge.Run();
        return judge._harm.Count > 0 ? (SlowVerdict.Harm, judge._harm[0]) : judge._dead.Count > 0 ? (SlowVerdict.Dead, judge._dead[0])
            : (SlowVerdict.Sound, "");
    }

    private void Run()
    {
        foreach (var closed in new Reached(_graft, _dead).All())
        {
            var islands = new Islands(_graft, closed);
            foreach (var standby in new[] { false, true })
            {
                var desk = new Desk(_graft, islands, closed, standby);
                Quiet(desk, standby, isMost: closed == _graft.Most);
                Shorts(new Desk(_graft, islands, closed, standby, isBolted: true), standby);
                // Behind a resistor what takes little gets most.
                if (_graft.Elements.Count > 0) Shorts(new Desk(_graft, islands, closed, standby, isIdle: true), standby);
            }

            Driven(islands, closed);
            new Outlasting(_graft, islands, closed, _dead).Run();
        }

        new Talk(_graft, _dead).Run();
    }

    private double[] Shorts(Desk desk, bool standby)
    {
        var volts = desk.Solve();
        foreach (var (name, sign, branch) in desk.Sources)
        {
            var amps = sign * desk.Network.Current(branch, volts);
            if (amps > MostSourceAmps) _harm.Add($"{name} gives {amps:0} A");
            if (amps < -MostReverseAmps) _harm.Add($"{name} takes {-amps:0.##} A");
        }

        foreach (var load in desk.Loads)
        {
            var across = (volts[load.Plus] - volts[load.Minus]) * Math.Sign(load.Volts);
            if (across > Math.Abs(load.Volts) * 1.07 || across < -0.5) _harm.Add($"{load.Name} sees {across:0.#} V");
            if (standby && load.IsOffInStandby && across > 0.5) _harm.Add($"{load.Name} is fed while it is off");
        }

        Elements(desk, volts);
        Pins(desk, volts, driver: null);
        return volts;
    }

    private void Elements(Desk desk, double[] volts)
    {
        foreach (var element in _graft.Elements)
        {
            var (across, amps) = desk.Through(element, volts);
            if (element.Judge(across, amps) is var (isHarm, why)) (isHarm ? _harm : _dead).Add(why);
        }
    }

    // A pin dies of what flows into it: through a resistor that may be next to nothing.
    private void Pins(Desk desk, double[] volts, SlowPin? driver)
    {
        foreach (var (pin, node, ground) in desk.Signals.Where(signal => signal.Pin != driver && (driver is null || !desk.AreJoined(signal.Pin, driver))))
        {
            var (at, bears) = (volts[node] - volts[ground], SlowSignals.Of(pin).Bears);
            if (at <= bears + 0.02 && at >= -0.5) continue;
            var amps = _graft.Elements.Count == 0 ? double.MaxValue : (at > 0 ? at - bears : -at - 0.5) / Math.Max(1e-3, desk.OhmsBehind(node, ground, volts));
            if (amps > 0.02) _harm.Add($"{pin.Port}/{pin.Position} is put at {at:0.#} V");
            else if (amps > 0.001) _dead.Add($"{pin.Port}/{pin.Position} takes {amps * 1000:0.#} mA");
        }
    }

    // Sources only: no line is driven, and nothing pulls up.
    private void Quiet(Desk desk, bool standby, bool isMost)
    {
        var volts = Shorts(desk, standby);

        foreach (var load in desk.Loads)
        {
            var across = (volts[load.Plus] - volts[load.Minus]) * Math.Sign(load.Volts);
            var least = load.RunsOnLess ? 0.2 : _graft.Elements.Count > 0 ? 0.9 : 0.85;
            if (isMost && load.IsWired && standby == load.WantsStandby && across < Math.Abs(load.Volts) * least) _dead.Add($"{load.Name} sees {across:0.#} V");
        }

        foreach (var light in desk.Lights)
        {
            var across = volts[light.Plus] - volts[light.Minus];
            if (across > (light.Volts ?? 2.9) * 1.07) _harm.Add($"{light.Name} burns at {across:0.#} V");
        }
    }

    // Each driver alone up and down, all others the other way; then one at a time with the rest silent.
    private void Driven(Islands islands, int closed)
    {
        var drivers = _graft.Pins.Where(pin => SlowSignals.Of(pin).Drives).ToArray();
        foreach (var driver in drivers)
        {
            foreach (var (isUp, othersDrive) in new[] { (true, true), (false, true), (true, false), (false, false) })
            {
                var desk = new Desk(_graft, islands, closed, standby: false, isBolted: true);
                var branches = drivers.Where(other => other == driver || (othersDrive && SlowSignals.Of(other).Kind != SlowPartKind.InTurn))
                    .Select(other => (Pin: other, Branch: desk.Drive(other, other == driver ? isUp : !isUp))).Where(entry => entry.Branch is not null)
                    .ToArray();
                if (branches.Length == 0) continue;
                var volts = desk.Solve();
                foreach (var (pin, branch) in branches)
                {
                    if (Math.Abs(desk.Network.Current(branch!.Value, volts)) <= SlowSignals.Of(pin).MostAmps) continue;
                    // Held at ground a logic output survives, and is of no use.
                    var isHeld = desk.IsGrounded(pin) && SlowSignals.Of(pin).Kind != SlowPartKind.Bridge;
                    if (!isHeld) _harm.Add($"{pin.Port}/{pin.Position} drives too much");
                    else if (closed == 0) _dead.Add($"{pin.Port}/{pin.Position} is held at ground");
                }

                if (isUp && !othersDrive) Levels(desk, driver, volts);
                if (_graft.Elements.Count == 0) continue;
                Elements(desk, volts);
                if (isUp && !othersDrive) Pins(desk, volts, driver);
            }
        }
    }

    private void Levels(Desk desk, SlowPin driver, double[] volts)
    {
        if (SlowSignals.Of(driver) is { Kind: SlowPartKind.Bridge } bridge)
        {
            foreach (var (pin, _, _) in desk.Signals.Where(signal => signal.Pin != driver && desk.AreJoined(signal.Pin, driver)))
            {
                if (SlowSignals.Of(pin) is { Kind: not SlowPartKind.Bridge } other && bridge.HighVolts > other.Bears)
                    _harm.Add($"{pin.Port}/{pin.Position} gets what a loudspeaker gets");
            }
        }

        if (SlowSignals.Of(driver) is not { Kind: SlowPartKind.Stiff or SlowPartKind.InTurn, Level: { } given }) return;
        foreach (var (pin, node, ground) in desk.Signals)
        {
            if (pin == driver || SlowSignals.Of(pin) is not { Kind: SlowPartKind.Listens, Level: { } made } || made <= 0 || !desk.AreJoined(pin, driver))
                continue;
            var at = volts[node] - volts[ground];
            if (at > made * 1.6 && given > made * 1.6) _harm.Add($"{pin.Port}/{pin.Position} made for {made} V gets {at:0.#}");
            // What a press puts on another line is what the press is for, as in a matrix of keys.
            else if (SlowSignals.Match(driver.Signal, pin.Signal) && (given > made * 1.1 || given < made * 0.9))
                _dead.Add($"{pin.Port}/{pin.Position} made for {made} V gets {given}");
        }
    }
}
