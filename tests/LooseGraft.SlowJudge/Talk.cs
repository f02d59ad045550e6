namespace LooseGraft.SlowJudge;

/// <summary>Whether lines that are joined have something to say to each other.</summary>
internal sealed class Talk(SlowGraft graft, List<string> dead)
{
    private readonly Islands _islands = new(graft, closed: 0);

    public void Run()
    {
        var all = graft.Pins.Where(pin => SlowSignals.Of(pin).Kind != SlowPartKind.Wire).ToArray();
        foreach (var one in all)
        {
            foreach (var other in all.Where(other => other != one && _islands.Reach(one, other))) Common(one, other);
        }

        foreach (var net in graft.Pins.GroupBy(pin => graft.Pins.First(other => _islands.Joins(pin, other))))
        {
            var (lines, legs) = (net.Where(pin => SlowSignals.Of(pin).Kind != SlowPartKind.Wire).ToArray(), net.Where(IsLeg).ToArray());
            // A contact with something behind it that nobody knows, joined to another with something behind it.
            var unknown = net.FirstOrDefault(pin => pin is { Conducts: false, Signal: "unknown" });
            if (unknown is not null && net.Any(pin => pin != unknown && IsSomething(pin))) dead.Add($"nobody knows {unknown}");
            foreach (var line in lines)
            {
                Held(line, net);
                foreach (var other in lines.Where(other => other != line)) Pair(line, other);
                foreach (var leg in legs.Where(leg => leg.Signal.TrimEnd('+', '-') != line.Signal.TrimEnd('+', '-'))) dead.Add($"{leg} on {line}");
            }
        }
    }

    private static bool IsSomething(SlowPin pin)
        => !pin.Conducts && (pin.Signal == "unknown" || pin.IsGround || pin.Volts is not null || SlowSignals.Of(pin).Kind != SlowPartKind.Wire);

    private static bool IsLeg(SlowPin pin)
        => pin.Kind is "panel" or "lamp" or "speaker" && SlowSignals.Of(pin).Kind == SlowPartKind.Wire && pin is { Volts: null, IsGround: false }
            && pin.Signal is not ("spare-switch" or "none");

    private void Held(SlowPin line, IEnumerable<SlowPin> net)
    {
        if (net.Any(pin => pin.IsGround && !pin.Conducts) && !SlowSignals.MayBeGrounded(line) && SlowSignals.Of(line).Kind != SlowPartKind.Open)
            dead.Add($"{line} at ground");
        foreach (var supply in net.Where(pin => pin.Volts is not null && !pin.Conducts && pin.Direction != "passive"))
        {
            if (!SlowSignals.MayBeHeld(line, supply.Volts!.Value)) dead.Add($"{line} at a supply");
        }
    }

    private void Pair(SlowPin one, SlowPin other)
    {
        var bothOpen = SlowSignals.Of(one).Kind == SlowPartKind.Open && SlowSignals.Of(other).Kind == SlowPartKind.Open;
        var bothTurn = SlowSignals.Of(one).Kind == SlowPartKind.InTurn && SlowSignals.Of(other).Kind == SlowPartKind.InTurn;
        if (!bothOpen && (!SlowSignals.Match(one.Signal, other.Signal) || (!bothTurn && SlowSignals.Of(one).Drives && SlowSignals.Of(other).Drives)))
            dead.Add($"{one} on {other}");
    }

    // What is said over a line, whatever switch it runs through, is measured against a common ground.
    private void Common(SlowPin one, SlowPin other)
    {
        var (home, away) = (Grounds(one), Grounds(other));
        if ((SlowSignals.Of(one).Drives || SlowSignals.Of(other).Drives) && home.Length > 0 && away.Length > 0
            && !home.Any(ground => away.Any(back => _islands.Reach(ground, back))))
            dead.Add($"{one} and {other} have no ground in common");
    }

    private SlowPin[] Grounds(SlowPin pin) => [.. graft.Pins.Where(other => other.Part == pin.Part && other.IsGround)];
}
