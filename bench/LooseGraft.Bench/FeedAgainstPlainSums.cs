using BenchmarkDotNet.Attributes;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire;

namespace LooseGraft.Bench;

/// <summary>The whole feed tree of 200 parts, every load case and the chance at every limit, beside a plain loop that only sums the same currents along the
/// same links once for each case and draw.</summary>
[MemoryDiagnoser]
public class FeedAgainstPlainSums
{
    private const int Parts = 200;

    private static readonly string[] RailNames = ["+12 V", "+5 V"];
    private static readonly string[] SupplyNames = ["supply", "converter0", "converter1", "converter2"];

    private readonly Graft _graft = Made();
    private readonly Netlist _netlist = WireStage.Review(Made()).Circuit.Netlist;
    private double[] _watts = [];
    private int[][] _links = [];
    private int _limits;

    /// <summary>Lays the same tree out as arrays: each current's watts, and the numbers of the limits it counts against.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        var feed = FeedStage.Review(_graft, _netlist);
        var limits = feed.Supplies.SelectMany(supply => supply.Limits).ToArray();
        var flows = feed.Supplies.SelectMany(supply => supply.Flows).ToArray();
        _limits = limits.Length;
        _watts = [.. flows.Select(flow => flow.At(LoadCase.Peak).Likely.Value * 12)];
        _links = [.. flows.Select(
            flow => limits.Index().Where(limit => limit.Item.Counted.Any(term => term.Flow == flow)).Select(limit => limit.Index).ToArray())];
    }

    /// <summary>Sums alone.</summary>
    [Benchmark(Baseline = true)]
    public double PlainSums()
    {
        var (most, sums) = (0.0, new double[_limits]);
        for (var turn = 0; turn < FeedChance.Draws + Enum.GetValues<LoadCase>().Length; turn++)
        {
            Array.Clear(sums);
            for (var flow = 0; flow < _watts.Length; flow++)
            {
                foreach (var link in _links[flow]) sums[link] += _watts[flow];
            }

            most = Math.Max(most, sums[0]);
        }

        return most;
    }

    /// <summary>The review with the chance at every limit.</summary>
    [Benchmark]
    public double ReviewAndChance()
    {
        var feed = FeedStage.Review(_graft, _netlist);
        return feed.Supplies.Sum(supply => FeedChance.OfAll(supply).Sum(chance => chance.Share));
    }

    /// <summary>The review by itself.</summary>
    [Benchmark]
    public int ReviewAlone() => FeedStage.Review(_graft, _netlist).Findings.Length;

    // One supply with ten strings of ten plugs, and three converters on it; parts shared among them, so that some limits are in doubt.
    internal static Graft Made()
    {
        var random = new Random(12);
        var strings = Enumerable.Range(0, 10)
            .Select(index => new SupplyLead($"s{index}", $"string {index}")
            {
                Plugs = [.. Enumerable.Range(0, 10).Select(plug => new SupplyPlug($"p{plug}", ConnectorTypes.Find("peripheral-power-4")!))],
            });
        Supply Rails(string id, double amps, double watts) => new(id, id)
        {
            Rails = [.. RailNames.Select(rail => new Rail(Signal.Parse(rail)!, new Known<Amps>(new Amps(amps), Evidence.Label)))],
            Total = new TotalLimit(new Known<Watts>(new Watts(watts), Evidence.Label)),
        };
        var converters = Enumerable.Range(0, 3)
            .Select(index => Rails($"converter{index}", 6, 80) with { Meant = new MeantInput("supply", "+12 V"), Class = EfficiencyClass.Converter });
        return Graft.Empty("fed") with
        {
            Parts = [.. SupplyNames.Select(id => new Part(id, id, PartKind.Supply)),
                .. Enumerable.Range(0, Parts).Select(index => new Part($"part{index}", $"part {index}", PartKind.Drive))],
            Supplies = [Rails("supply", 60, 900) with { Leads = [.. strings], Class = EfficiencyClass.Gold }, .. converters],
            Loads = [.. Enumerable.Range(0, Parts).Select(index => new Load($"load{index}", $"part{index}")
            {
                Meant = index < 100
                    ? new MeantWay("supply") { Plug = $"s{index / 10}/p{index % 10}" } : new MeantWay($"converter{index % 3}"),
                Draws = [.. RailNames.Select(rail => new Draw(rail, Amps(random, 0.05), Amps(random, 0.1), Amps(random, 0.25), Evidence.Assumed))],
            })],
        };
    }

    private static Spread<Amps> Amps(Random random, double about)
        => new(new Amps(about * random.NextDouble()), new Amps(about), new Amps(about * (1 + random.NextDouble())));
}
