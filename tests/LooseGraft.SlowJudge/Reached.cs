namespace LooseGraft.SlowJudge;

/// <summary>The states of switches and coils that can come about: every press, from every state the coils settle in, until they settle again.</summary>
internal sealed class Reached(SlowGraft graft, List<string> dead)
{
    public IEnumerable<int> All()
    {
        var coils = graft.Coils.ToArray();
        var mask = coils.Sum(coil => 1 << coil);
        var (passed, settled, waiting) = (new SortedSet<int>(), new HashSet<int>(), new Stack<int>([0]));
        while (waiting.TryPop(out var pulling))
        {
            if (!settled.Add(pulling)) continue;
            for (var state = 0; state < 1 << graft.Switches; state++)
            {
                if ((state & mask) != 0) continue;
                var at = pulling;
                for (var turn = 0; ; turn++)
                {
                    passed.Add(state | at);
                    var next = coils.Length == 0 ? 0 : Pull(state | at);
                    if (next == at) break;
                    if (turn > 1 << coils.Length)
                    {
                        dead.Add("a coil never settles");
                        break;
                    }

                    at = next;
                }

                waiting.Push(at);
            }
        }

        return passed;
    }

    private int Pull(int state)
    {
        var desk = new Desk(graft, new Islands(graft, state), state, standby: false);
        var volts = desk.Solve();
        return graft.Elements.Where(element => element.Kind == "coil" && graft.Movers.Contains(element.Mover)).Sum(coil =>
        {
            var bit = 1 << graft.Movers.IndexOf(coil.Mover);
            var share = Math.Abs(desk.Through(coil, volts).Volts) / coil.Volts!.Value;
            return share >= ((state & bit) != 0 ? 0.1 : 0.75) ? bit : 0;
        });
    }
}
