namespace LooseGraft.SlowJudge;

/// <summary>Which pins are one piece of metal, found by walking.</summary>
internal sealed class Islands
{
    private readonly SlowGraft _graft;
    private readonly Dictionary<SlowPin, int> _open;
    private readonly Dictionary<SlowPin, int> _all;

    public Islands(SlowGraft graft, int closed)
    {
        _graft = graft;
        _open = Walk(join => SlowGraft.IsMade(join, closed));
        _all = Walk(_ => true);
    }

    /// <summary>Whether two pins are joined in this state of the switches.</summary>
    public bool Joins(SlowPin one, SlowPin other) => _open[one] == _open[other];

    /// <summary>Whether two pins are joined with every switch closed.</summary>
    public bool Reach(SlowPin one, SlowPin other) => _all[one] == _all[other];

    private Dictionary<SlowPin, int> Walk(Func<(SlowPin One, SlowPin Other, int Switch, bool Opens), bool> isClosed)
    {
        var beside = _graft.Pins.ToDictionary(pin => pin, _ => new List<SlowPin>());
        var joins = _graft.Joins.Where(join => isClosed(join)).Select(join => (join.One, join.Other)).Concat(_graft.ByLabel());
        foreach (var (one, other) in joins.Concat(Planes()))
        {
            beside[one].Add(other);
            beside[other].Add(one);
        }

        var island = new Dictionary<SlowPin, int>();
        foreach (var start in _graft.Pins)
        {
            var waiting = new Stack<SlowPin>([start]);
            while (waiting.TryPop(out var pin))
            {
                if (!island.TryAdd(pin, _graft.Pins.IndexOf(start))) continue;
                foreach (var next in beside[pin]) waiting.Push(next);
            }
        }

        return island;
    }

    private IEnumerable<(SlowPin, SlowPin)> Planes()
        => from same in _graft.Pins.Where(pin => !pin.Conducts && pin.Direction != "passive" && (pin.IsGround || pin.Volts is not null))
               .GroupBy(pin => (pin.Kind is "panel" or "lamp" or "speaker" ? pin.Port : pin.Part, pin.Signal))
           from other in same.Skip(1)
           select (same.First(), other);
}
