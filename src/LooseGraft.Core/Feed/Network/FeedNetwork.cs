using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Circuit.Currents;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Network;

/// <summary>All that conducts between the rails of a graft's supplies and what they feed, solved: which share of each draw passes where.</summary>
/// <remarks>
/// A rail is a voltage behind the resistance of its supply, a draw a current taken between two nodes. What flows is linear in the draws, so one share for each
/// draw and place says everything: <see cref="ReducedNetwork"/> solves each draw once. What is shorted or fed by unlike voltages is left out.
/// </remarks>
internal sealed class FeedNetwork
{
    // A supply gives about a hundredth less at the full current of a rail (ATX12V design guide, common practice); it matters only where two feed one net.
    private const double Regulation = 0.01;

    private const int Digits = 9;

    // Draws times nodes and places that are kept; an ordinary graft has a hundredth of it.
    private const long MostKept = 4_000_000;

    private readonly FeedMetal _metal;
    private readonly CurrentNetwork _network = new();
    private readonly Dictionary<int, int> _nodes = [];
    private readonly double[][] _drops;
    private readonly FeedShares _shares;
    private readonly (int Node, int Return, int From, int Ground)[] _tapNodes;
    private readonly int[] _outputs;
    private readonly ILookup<int, (FeedPlace Place, int Sign)> _placesOf;
    private readonly FeedWays _ways;

    private FeedNetwork(FeedMetal metal, IReadOnlyList<FeedOutlet> outlets, ImmutableArray<FeedTap> taps, bool isWhole)
    {
        (Taps, Outlets, IsWhole, _metal) = (taps, [.. outlets], isWhole, metal);
        if (isWhole) Places = Conduct(metal);
        _outputs = [.. Outlets.Select(outlet => _network.AddBranch(NodeOf(outlet.Ground), NodeOf(outlet.Node), OhmsOf(outlet.Rail)))];
        foreach (var node in taps.SelectMany(tap => new[] { tap.Node, tap.Return })) NodeOf(node);
        _placesOf = Places.SelectMany(place => place.Branches.Select(passed => (passed.Branch, Passed: (place, passed.Sign))))
            .ToLookup(each => each.Branch, each => each.Passed);
        var beside = _network.Branches.Index()
            .SelectMany(each => new[] { (Node: _network.Find(each.Item.One), each.Index), (Node: _network.Find(each.Item.Other), each.Index) })
            .ToLookup(each => each.Node, each => each.Index);
        _ways = new FeedWays(_network, beside, _outputs.Index().ToDictionary(output => output.Item, output => output.Index));
        var reduced = new ReducedNetwork(_network);
        IsSolved = reduced.Unsolved.IsEmpty && (long)taps.Length * (_network.NodeCount + Places.Length) <= MostKept;
        _drops = IsSolved || !isWhole ? [.. taps.Select(tap => Solve(reduced, tap))] : [];
        _shares = new FeedShares(_network, _drops);
        _tapNodes = [.. taps.Select(tap => (Find(tap.Node), Find(tap.Return), Find(tap.Outlet!.Node), Find(tap.Outlet.Ground)))];
    }

    // What nothing feeds, and what is at odds with itself, conducts nothing here.
    private ImmutableArray<FeedPlace> Conduct(FeedMetal metal)
    {
        var pieces = new FeedPieces(metal, Outlets);
        var places = new Dictionary<(Subject, FeedLimitKey, int), FeedPlace>();
        foreach (var branch in metal.Branches.Where(branch => IsLive(branch.One)))
        {
            var (one, other) = (NodeOf(branch.One), NodeOf(branch.Other));
            if (one == other) continue;
            var number = _network.AddBranch(one, other, branch.Ohms);
            PlaceOf(branch.From, branch.One)?.Add(number, 1, branch.FromContact, branch.Count);
            PlaceOf(branch.To, branch.One)?.Add(number, -1, branch.ToContact, branch.Count);
        }

        return [.. places.Values];

        bool IsLive(int node) => pieces.IsGround(node) ? !pieces.IsBroken(node) : pieces.IsFed(node);

        FeedPlace? PlaceOf(Conductors? conductors, int node)
        {
            if (conductors is null) return null;
            var rail = pieces.IsGround(node) ? SupplyMetal.Ground : pieces.OutletsAt(node)[0].Rail.Output.Name;
            var key = (conductors.Subject, conductors.Key with { Rail = rail }, metal.PieceOf(node));
            return places.TryGetValue(key, out var known) ? known : places[key] = new FeedPlace(conductors, rail);
        }
    }

    /// <summary>Where each draw, and each supply that is fed inside the graft, takes its current.</summary>
    public ImmutableArray<FeedTap> Taps { get; }

    /// <summary>The rails of all supplies.</summary>
    public ImmutableArray<FeedOutlet> Outlets { get; }

    /// <summary>The places that currents pass.</summary>
    public ImmutableArray<FeedPlace> Places { get; } = [];

    /// <summary>Whether all that conducts is in it: false where that is more than is solved, a mesh of more than <see cref="ReducedNetwork.MostCore"/> nodes or
    /// too many draws and nodes. Then everything hangs on its supply itself.</summary>
    public bool IsWhole { get; }

    private bool IsSolved { get; }

    /// <summary>Puts the network of a graft together and solves it.</summary>
    public static FeedNetwork Of(Graft graft, Netlist netlist)
    {
        var metal = new FeedMetal();
        metal.AddNodes(netlist.Contacts.Length);
        var supplies = new SupplyMetal(graft, netlist, metal);
        PartMetal.Add(graft, netlist, supplies, metal);
        var taps = FeedTaps.Of(graft, netlist, supplies, metal).ToImmutableArray();
        var network = new FeedNetwork(metal, supplies.Outlets, taps, isWhole: true);
        if (network.IsSolved) return network;
        foreach (var tap in taps) (tap.Node, tap.Return, tap.Hold) = (tap.Outlet!.Node, tap.Outlet.Ground, FeedHold.NotSolved);
        return new FeedNetwork(metal, supplies.Outlets, taps, isWhole: false);
    }

    /// <summary>The taps that an outlet feeds, and which share of what is taken at each; over all outlets the shares of a tap add up to 1.</summary>
    public ImmutableArray<(int Tap, double Share)> Given(int outlet) => _shares.Passing([(_outputs[outlet], Sign(Outlets[outlet]), null)]);

    /// <summary>The taps whose current passes a place, and which share of it does, in the sense in which it is drawn.</summary>
    public ImmutableArray<(int Tap, double Share)> Passing(FeedPlace place) => Along(place.Branches);

    /// <summary>The same of conductors that are taken together, each with the sign that it counts with.</summary>
    public ImmutableArray<(int Tap, double Share)> Along(IReadOnlyList<(int Branch, int Sign, int? Contact)> branches) => _shares.Passing(branches);

    /// <summary>How far the voltage at a tap falls below what its supply gives, for each ampere that is taken at another, in ohms.</summary>
    public double Falls(int at, int taken)
    {
        var (drops, (node, back, from, ground)) = (_drops[taken], _tapNodes[at]);
        return Sign(at) * (drops[back] - drops[node] - (drops[ground] - drops[from]));
    }

    /// <summary>The ways by which the current of a tap comes, that by which most comes first, and the places on each that give it on.</summary>
    public IEnumerable<(FeedOutlet Outlet, double Share, ImmutableArray<FeedPlace> Places)> WaysTo(int tap)
    {
        var sign = Sign(tap);
        var through = _shares.Of(tap).ToDictionary(passed => passed.Branch, passed => sign * passed.Share);
        var ways = new List<(FeedOutlet Outlet, double Share, ImmutableArray<FeedPlace> Places)>();
        foreach (var thread in _ways.To(_tapNodes[tap].Node, through))
        {
            // Contacts side by side are one way.
            var (outlet, places) = (Outlets[thread.Outlet], PlacesAlong(thread.Branches));
            var same = ways.FindIndex(way => way.Outlet == outlet && way.Places.SequenceEqual(places));
            if (same < 0) ways.Add((outlet, thread.Share, places));
            else ways[same] = ways[same] with { Share = ways[same].Share + thread.Share };
        }

        return ways.Select(way => way with { Share = Math.Round(way.Share, Digits) }).OrderByDescending(way => way.Share);
    }

    // Where two places share a branch, its current is given by the one and taken by the other.
    private ImmutableArray<FeedPlace> PlacesAlong(ImmutableArray<(int Branch, bool IsAlong)> branches)
        => [.. branches.SelectMany(passed => _placesOf[passed.Branch].Where(each => each.Sign > 0 == passed.IsAlong).Select(each => each.Place)).Distinct()];

    // Only what is live has a node to be solved.
    private int NodeOf(int node)
    {
        var same = SameAs(node);
        return _nodes.TryGetValue(same, out var known) ? known : _nodes[same] = _network.AddNode();
    }

    private int Find(int node) => _nodes[SameAs(node)];

    // Where everything hangs on its supply itself, nothing else is one with it.
    private int SameAs(int node) => IsWhole ? _metal.SameAs(node) : node;

    private static double OhmsOf(Rail rail)
        => rail.Limit.Value.Value > 0 && rail.Voltage.Value != 0 ? Regulation * Math.Abs(rail.Voltage.Value) / rail.Limit.Value.Value : Regulation;

    // Out of a negative rail current flows the other way round.
    private int Sign(int tap) => Sign(Taps[tap].Outlet!);

    private static int Sign(FeedOutlet outlet) => outlet.Rail.Voltage.Value < 0 ? -1 : 1;

    private double[] Solve(ReducedNetwork reduced, FeedTap tap)
    {
        var into = new double[_network.NodeCount];
        var amps = tap.Outlet!.Rail.Voltage.Value < 0 ? -1 : 1;
        into[Find(tap.Node)] -= amps;
        into[Find(tap.Return)] += amps;
        return reduced.Solve(into);
    }
}
