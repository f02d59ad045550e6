using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>Every current of a graft, supply by supply, those of converters and boxes included.</summary>
/// <remarks>
/// A supply that hangs on another takes what it gives, divided by its efficiency, from the rail it hangs on. Supplies are worked out from the parts towards the
/// wall, each once: time linear in draws and supplies. Where supplies feed each other in a ring, the link that closes the ring is left out and named in
/// <see cref="Rings"/>.
/// </remarks>
public sealed class FeedFlows
{
    private readonly Dictionary<string, ImmutableArray<FeedFlow>> _bySupply = [];
    private readonly Graft _graft;
    private readonly Dictionary<string, Supply> _supplies;
    private readonly ILookup<string, Load> _loads;
    private readonly ILookup<string, Supply> _hanging;

    /// <summary>Works out the currents of a graft.</summary>
    public FeedFlows(Graft graft)
    {
        _graft = graft;
        _supplies = graft.Supplies.ToDictionary(supply => supply.Id);
        _loads = graft.Loads.ToLookup(load => load.Supply);
        _hanging = graft.Supplies.Where(supply => supply.Input is not null).ToLookup(supply => supply.Input!.Supply);
        foreach (var supply in graft.Supplies) Resolve(supply, []);
    }

    /// <summary>Supplies whose own input closes a ring.</summary>
    public List<Supply> Rings { get; } = [];

    /// <summary>The currents of one supply.</summary>
    public ImmutableArray<FeedFlow> Of(Supply supply) => _bySupply[supply.Id];

    /// <summary>What a supply gives in all at one load case.</summary>
    public Spread<Watts> Given(Supply supply, LoadCase loadCase)
    {
        var rails = supply.Rails.ToDictionary(rail => rail.Name, rail => rail.Voltage);
        return Of(supply).Where(flow => rails.ContainsKey(flow.Rail))
            .Aggregate(Spread<Watts>.Exactly(Watts.Zero), (sum, flow) => sum + flow.At(loadCase).Rising(amps => rails[flow.Rail] * amps));
    }

    /// <summary>What it takes for that, upstream or at the wall: most where it gives most at its worst efficiency.</summary>
    public Spread<Watts> Taken(Supply supply, LoadCase loadCase)
    {
        var given = Given(supply, loadCase);
        var (low, likely, high) = (EfficiencyAt(supply, given.High).Low, EfficiencyAt(supply, given.Likely).Likely, EfficiencyAt(supply, given.Low).High);
        // At little load the curve falls, so that less given may mean more taken; the ends are put in order.
        var (most, middle, least) = (given.High.Value / low, given.Likely.Value / likely, given.Low.Value / high);
        return new Spread<Watts>(new Watts(Math.Min(least, middle)), new Watts(middle), new Watts(Math.Max(most, middle)));
    }

    /// <summary>What a supply gives on of what it takes, while it gives so much.</summary>
    public static (double Low, double Likely, double High) EfficiencyAt(Supply supply, Watts given)
        => EfficiencyCurve.Of(supply.Class ?? UsualClass(supply)).At(supply.Total is { Limit.Value.Value: > 0 } total ? given / total.Limit.Value : 0.5);

    /// <summary>The most that a supply may give while it takes no more than so much, in watts.</summary>
    public static double MostGiven(Supply supply, double taken)
    {
        var curve = EfficiencyCurve.Of(supply.Class ?? UsualClass(supply));
        return supply.Total is { Limit.Value.Value: > 0 and var total } ? curve.MostGiven(taken, total) : taken * curve.At(0.5).Low;
    }

    // What hangs on another supply inside the graft is a converter; anything else without a label is taken for a poor one.
    private static EfficiencyClass UsualClass(Supply supply) => supply.Input is null ? EfficiencyClass.Unlabelled : EfficiencyClass.Converter;

    private void Resolve(Supply supply, HashSet<string> open)
    {
        if (_bySupply.ContainsKey(supply.Id)) return;
        open.Add(supply.Id);
        var flows = _loads[supply.Id].SelectMany(Flows).ToList();
        foreach (var hanging in _hanging[supply.Id])
        {
            if (open.Contains(hanging.Id))
            {
                Rings.Add(hanging);
                continue;
            }

            Resolve(hanging, open);
            if (Upstream(supply, hanging) is { } flow) flows.Add(flow);
        }

        open.Remove(supply.Id);
        _bySupply[supply.Id] = [.. flows];
    }

    private IEnumerable<FeedFlow> Flows(Load load)
    {
        var isFan = _graft.FindPart(load.Part)?.Kind == PartKind.Fan;
        return load.Draws.Select(
            draw
            => new FeedFlow(load.Part, draw.Rail,
            [.. Enum.GetValues<LoadCase>().Select(loadCase => Positive(FeedStage.Current(draw, loadCase, isFan ? FanStart.Factor : 1)))],
            draw.Evidence, load.Plug ?? PlugOf(load, draw.Rail), load.Through, new DrawSubject(load.Id, draw.Rail), null));
    }

    // What a part feeds on comes in by the plug that the part itself takes on that rail, wherever it ends.
    private string? PlugOf(Load load, string rail)
        => load.Through is not { } through ? null
            : _loads[load.Supply]
                .FirstOrDefault(feeding => feeding.Part == through.Part && feeding.Plug is not null && feeding.Draws.Any(draw => draw.Rail == rail))?.Plug;

    private FeedFlow? Upstream(Supply supply, Supply hanging)
    {
        if (supply.Rails.FirstOrDefault(rail => rail.Name == hanging.Input!.Rail) is not { } rail || rail.Voltage.Value == 0) return null;
        var flows = _bySupply[hanging.Id];
        return new FeedFlow(hanging.Part, rail.Name,
            [.. Enum.GetValues<LoadCase>().Select(loadCase => Taken(hanging, loadCase).Rising(watts => new Amps(watts.Value / Math.Abs(rail.Voltage.Value))))],
            flows.Select(flow => flow.Evidence).Append(hanging.Class is null ? Evidence.Assumed : Evidence.Label).Weakest(), hanging.Input!.Plug, null,
            new SupplySubject(hanging.Id), hanging);
    }

    // A negative figure is reported as a finding; counting it would let one mistake hide another overload.
    private static Spread<Amps> Positive(Spread<Amps> current) => current.Rising(amps => amps < Amps.Zero ? Amps.Zero : amps);
}
