namespace LooseGraft.SlowJudge;

/// <summary>What comes over signal lines into a part whose power is gone, while another still has its own.</summary>
internal sealed class Outlasting(SlowGraft graft, Islands islands, int closed, List<string> dead)
{
    private const double Diode = 0.6;

    public void Run()
    {
        foreach (var off in graft.Pins.Where(pin => pin.Gives).Select(pin => pin.Part).Distinct().ToArray()) In(standby: false, off);
        In(standby: true, off: null);
    }

    private void In(bool standby, string? off)
    {
        var quiet = New(standby, off);
        var volts = quiet.Solve();
        var planes = quiet.Planes(volts).Where(plane => IsFed(plane.Part)).ToLookup(plane => plane.Part, plane => plane.Share);
        var gone = planes.Where(part => part.All(share => share < 0.2)).Select(part => part.Key).ToHashSet();
        if (gone.Count == 0) return;
        Look(quiet, volts, gone);
        foreach (var driver in graft.Pins.Where(pin => SlowSignals.Of(pin) is { Kind: SlowPartKind.Stiff, Level: null or > 0 } && IsAlive(pin)))
        {
            var desk = New(standby, off);
            if (desk.Drive(driver, isUp: true) is not null) Look(desk, desk.Solve(), gone);
        }

        // Of two supplies one may be off; a supply on standby, and a part of which no more than the clock is kept, drive nothing.
        bool IsAlive(SlowPin pin)
            => pin.Gives ? !standby && pin.Part != off : planes[pin.Part].Any() && (standby ? planes[pin.Part].All(IsUp) : planes[pin.Part].Any(IsUp));
    }

    private static bool IsUp(double share) => share > 0.8;

    private bool IsFed(string part) => graft.Feeding(part, islands).Any();

    private Desk New(bool standby, string? off) => new(graft, islands, closed, standby, isBolted: true, off);

    private void Look(Desk desk, double[] volts, HashSet<string> gone)
    {
        foreach (var (pin, node, ground) in desk.Signals.Where(
            signal => gone.Contains(signal.Pin.Part) && SlowSignals.Of(signal.Pin).Kind != SlowPartKind.Bridge))
        {
            if (volts[node] - volts[ground] > Diode) dead.Add($"{pin.Port}/{pin.Position} feeds {pin.Part}, which is off");
        }
    }
}
