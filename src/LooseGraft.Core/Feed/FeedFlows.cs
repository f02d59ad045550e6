using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Circuit.Fans;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>Every current of a graft, those that converters and boxes take included.</summary>
/// <remarks>
/// A supply that hangs on another takes what it gives, divided by its efficiency. Supplies are worked out from the parts towards the wall, each once: time
/// linear in draws and supplies; then <see cref="FeedSag"/> settles what takes more where less voltage is left. Where supplies feed each other in a ring, what
/// closes the ring is left out and named in <see cref="Rings"/>.
/// </remarks>
public sealed class FeedFlows
{
    private const double Nothing = 1e-9;

    private readonly FeedFlow?[] _flows;

    // The same while no voltage is lost on the way.
    private readonly FeedFlow?[] _nominal;

    // From the parts towards the wall.
    private readonly List<int> _order = [];
    private readonly Dictionary<string, ImmutableArray<(int Tap, double Share)>> _weights = [];
    private readonly Dictionary<string, ImmutableArray<FeedTerm>> _given = [];
    private readonly Graft _graft;
    private readonly HashSet<string> _fans;
    private readonly Lazy<FanLines> _fanLines;

    /// <summary>Works out the currents of a graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="netlist">Its circuit.</param>
    public FeedFlows(Graft graft, Netlist netlist)
    {
        _graft = graft;
        _fans = [.. graft.Parts.Where(part => part.Kind == PartKind.Fan).Select(part => part.Id)];
        _fanLines = new Lazy<FanLines>(() => FanLines.Of(graft, netlist));
        Network = FeedNetwork.Of(graft, netlist);
        _flows = new FeedFlow?[Network.Taps.Length];
        foreach (var supply in graft.Supplies) Resolve(supply, []);
        _nominal = [.. _flows];
        Collapses = FeedSag.Settle(Network, _flows, _order, LoadCases.All, Taken);
        foreach (var supply in graft.Supplies) _given[supply.Id] = TermsOf(supply);
    }

    /// <summary>Supplies whose own input closes a ring.</summary>
    public List<Supply> Rings { get; } = [];

    /// <summary>By which lines its fans hang on boards.</summary>
    public FanLines FanLines => _fanLines.Value;

    /// <summary>Every current that some supply gives.</summary>
    public IEnumerable<FeedFlow> All => _flows.OfType<FeedFlow>();

    /// <summary>What cannot be fed by the way that leads to it; it is counted as if no voltage were lost on the way.</summary>
    public ImmutableArray<FeedCollapse> Collapses { get; }

    /// <summary>What conducts, and which share of each current passes where.</summary>
    internal FeedNetwork Network { get; }

    /// <summary>The currents that one supply gives, each with the watts that an ampere of it comes to there.</summary>
    public ImmutableArray<FeedTerm> Of(Supply supply) => _given.TryGetValue(supply.Id, out var known) ? known : TermsOf(supply);

    /// <summary>What feeds a supply inside the graft; null for what hangs on the wall, or on nothing.</summary>
    public FeedFlow? Into(Supply supply) => All.FirstOrDefault(flow => flow.Feeds?.Id == supply.Id);

    /// <summary>What a supply gives in all at one load case.</summary>
    public Spread<Watts> Given(Supply supply, LoadCase loadCase) => Given(Of(supply), loadCase);

    /// <summary>What it takes for that, upstream or at the wall: most where it gives most at its worst efficiency.</summary>
    public Spread<Watts> Taken(Supply supply, LoadCase loadCase) => Taken(supply, Given(supply, loadCase));

    /// <summary>What limits are asked for at peak, high figures, if one consumer took another current.</summary>
    /// <returns>By limit, in its unit; null where something could not be fed then.</returns>
    internal Func<FeedLimit, double>? PeakWith(FeedFlow consumer, Amps current)
    {
        var (flows, tap) = (_nominal.ToArray(), Array.FindIndex(_flows, flow => ReferenceEquals(flow, consumer)));
        flows[tap] = flows[tap]!.With(LoadCase.Peak, Spread<Amps>.Exactly(current));
        var gone = FeedSag.Settle(Network, flows, _order, [LoadCase.Peak],
            (supply, loadCase) => Taken(supply, Given(Terms(flows, _weights[supply.Id], 1), loadCase)));
        // What cannot be fed anyway is no news.
        if (gone.Any(each => Collapses.All(known => known.Flow.Subject != each.Flow.Subject))) return null;
        var changed = new Dictionary<object, FeedFlow>(ReferenceEqualityComparer.Instance);
        for (var at = 0; at < flows.Length; at++)
        {
            if (_flows[at] is { } flow) changed[flow] = flows[at]!;
        }

        return limit => FeedUse.Sum(limit.Counted.Select(term => term with { Flow = changed[term.Flow] }), LoadCase.Peak, limit.Limit.Value.IsPower)
            .High.Value;
    }

    private static Spread<Watts> Given(ImmutableArray<FeedTerm> terms, LoadCase loadCase)
        => FeedUse.Sum(terms, loadCase, isPower: true).Rising(watts => new Watts(watts.Value));

    private Spread<Watts> Taken(Supply supply, Spread<Watts> given)
    {
        var (low, likely, high) = (EfficiencyAt(supply, given.High).Low, EfficiencyAt(supply, given.Likely).Likely, EfficiencyAt(supply, given.Low).High);
        // No curve falls so fast towards nothing that less given means more taken.
        return new Spread<Watts>(new Watts(given.Low.Value / high), new Watts(given.Likely.Value / likely), new Watts(given.High.Value / low));
    }

    /// <summary>What a supply gives on of what it takes, while it gives so much.</summary>
    public (double Low, double Likely, double High) EfficiencyAt(Supply supply, Watts given)
        => CurveOf(supply).At(supply.Total is { Limit.Value.Value: > 0 } total ? given / total.Limit.Value : 0.5);

    /// <summary>What a supply gives on while it takes so much.</summary>
    public Spread<Watts> GivenOf(Supply supply, Watts taken)
    {
        var (low, likely, high) = CurveOf(supply).Given(taken.Value, supply.Total?.Limit.Value.Value);
        return new Spread<Watts>(new Watts(low), new Watts(likely), new Watts(high));
    }

    /// <summary>The most that a supply may give while it takes no more than so much, in watts.</summary>
    public double MostGiven(Supply supply, double taken)
    {
        var curve = CurveOf(supply);
        return supply.Total is { Limit.Value.Value: > 0 and var total } ? curve.MostGiven(taken, total) : taken * curve.At(0.5).Low;
    }

    /// <summary>Each current with its share at a place; those that do not pass it are left out.</summary>
    internal ImmutableArray<FeedTerm> At(FeedPlace place) => Terms(Network.Passing(place), 1);

    /// <summary>Each current with its share along conductors that are taken together.</summary>
    internal ImmutableArray<FeedTerm> Along(IReadOnlyList<(int Branch, int Sign, int? Contact)> branches) => Terms(Network.Along(branches), 1);

    /// <summary>Each current with its share from one rail.</summary>
    internal ImmutableArray<FeedTerm> Of(Supply supply, Rail rail)
    {
        var outlet = Network.Outlets.IndexOf(Network.Outlets.First(each => each.Supply.Id == supply.Id && each.Rail.Name == rail.Name));
        return Terms(Network.Given(outlet), Math.Abs(rail.Voltage.Value));
    }

    /// <summary>What is lost at peak on the way to each consumer behind a string, in volts.</summary>
    internal List<double> DropsAlong(Supply supply, SupplyLead lead, Rail rail)
    {
        var drops = new List<double>();
        var subject = new SupplyLeadSubject(supply.Id, lead.Id);
        foreach (var at in Network.Places.Where(place => place.Conductors.Key.Kind == FeedLimitKind.Wire && place.Conductors.Subject == subject)
            .SelectMany(place => Network.Passing(place)).Select(passing => passing.Tap).Distinct())
        {
            if (_flows[at] is not { } flow || flow.Supply.Id != supply.Id || flow.Rail.Name != rail.Name) continue;
            drops.Add(FeedSag.At(Network, _flows, at, LoadCase.Peak).High.Value);
        }

        return drops;
    }

    private EfficiencyCurve CurveOf(Supply supply) => EfficiencyCurve.Of(supply.Class ?? UsualClass(supply), _graft.MainsVolts);

    // What hangs on another supply inside the graft is a converter; anything else without a label is taken for a poor one.
    private EfficiencyClass UsualClass(Supply supply)
        => Network.Taps.Any(tap => tap.Feeds?.Id == supply.Id) ? EfficiencyClass.Converter : EfficiencyClass.Unlabelled;

    private ImmutableArray<FeedTerm> TermsOf(Supply supply) => Terms(_weights[supply.Id], 1);

    private ImmutableArray<FeedTerm> Terms(IEnumerable<(int Tap, double Share)> passing, double weight) => Terms(_flows, passing, weight);

    private static ImmutableArray<FeedTerm> Terms(FeedFlow?[] flows, IEnumerable<(int Tap, double Share)> passing, double weight)
    {
        var terms = ImmutableArray.CreateBuilder<FeedTerm>();
        foreach (var (tap, share) in passing)
        {
            if (flows[tap] is { } flow && Math.Abs(share) > Nothing) terms.Add(new FeedTerm(flow, share * weight));
        }

        return terms.DrainToImmutable();
    }

    private void Resolve(Supply supply, HashSet<string> open)
    {
        if (_weights.ContainsKey(supply.Id)) return;
        open.Add(supply.Id);
        var weights = new SortedDictionary<int, double>();
        for (var outlet = 0; outlet < Network.Outlets.Length; outlet++)
        {
            if (Network.Outlets[outlet].Supply.Id != supply.Id) continue;
            var volts = Math.Abs(Network.Outlets[outlet].Rail.Voltage.Value);
            foreach (var (tap, share) in Network.Given(outlet)) weights[tap] = weights.GetValueOrDefault(tap) + (share * volts);
        }

        foreach (var tap in weights.Keys.Where(tap => _flows[tap] is null))
        {
            if (Network.Taps[tap].Feeds is { } hanging)
            {
                if (open.Contains(hanging.Id))
                {
                    if (!Rings.Contains(hanging)) Rings.Add(hanging);
                    continue;
                }

                Resolve(hanging, open);
            }

            if (_flows[tap] is not null) continue;
            _flows[tap] = FlowOf(tap);
            _order.Add(tap);
        }

        open.Remove(supply.Id);
        _weights[supply.Id] = [.. weights.Select(weight => (weight.Key, weight.Value))];
    }

    private FeedFlow FlowOf(int index)
    {
        var tap = Network.Taps[index];
        var (supply, rail) = (tap.Outlet!.Supply, tap.Outlet.Rail);
        var ways = new Lazy<ImmutableArray<FeedWay>>(() => WaysTo(index));
        if (tap.Draw is { } draw)
        {
            var start = _fans.Contains(tap.Part) ? FanStart.Factor : 1;
            var held = HeldDraw.Of(tap.Load!, draw, rail);
            return new FeedFlow(tap.Part, supply, rail,
                [.. LoadCases.All.Select(loadCase => Positive(FeedStage.Current(held, loadCase, start)))], draw.Evidence,
                new DrawSubject(tap.Load!.Id, draw.Rail, draw.Socket), null, tap.Hold, ways)
            { HoldsPower = draw.HoldsPower, StartsInTurn = tap.Load.StartsInTurn };
        }

        var (fed, volts) = (tap.Feeds!, Math.Abs(rail.Voltage.Value));
        return new FeedFlow(tap.Part, supply, rail,
            [.. LoadCases.All.Select(loadCase => Taken(fed, loadCase).Rising(watts => new Amps(watts.Value / volts)))],
            Of(fed).Select(term => term.Flow.Evidence).Append(fed.Class is null ? Evidence.Assumed : Evidence.Label).Weakest(),
            new SupplySubject(fed.Id), fed, tap.Hold, ways);
    }

    private ImmutableArray<FeedWay> WaysTo(int tap)
        => [.. Network.WaysTo(tap).Select(way => new FeedWay(way.Outlet.Supply, way.Outlet.Rail, way.Share,
            [.. way.Places.Select(place => new FeedStep(place.Key, place.Conductors.Label, place.Conductors.Subject))]))];

    // A negative figure is reported as a finding; counting it would let one mistake hide another overload.
    private static Spread<Amps> Positive(Spread<Amps> current) => current.Rising(amps => amps < Amps.Zero ? Amps.Zero : amps);
}
