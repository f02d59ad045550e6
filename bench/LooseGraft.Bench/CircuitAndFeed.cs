using BenchmarkDotNet.Attributes;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Bench;

/// <summary>Circuit, currents and the chance at every limit together: 200 parts with two draws each, 60 of them joined plug by plug to their supply.</summary>
[MemoryDiagnoser]
public class CircuitAndFeed
{
    private const int Joints = 60;

    private readonly Graft _graft = Joined();
    private Graft _rejoined = null!;
    private Graft _redrawn = null!;
    private WireReview _before = null!;

    /// <summary>Judges it once, and makes two edits of it: of a contact, and of a draw.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        _before = WireStage.Review(_graft);
        _rejoined = _graft.WithPin(new PortId("part7", "power"), 2, pin => pin with { NeededFor = "looked at again" });
        _redrawn = _graft with { Loads = [.. _graft.Loads.Select(load => load.Id == "load7" ? load with { Draws = [load.Draws[0]] } : load)] };
    }

    /// <summary>All of it.</summary>
    [Benchmark(Baseline = true)]
    public double Anew() => Chance(_graft, WireStage.Review(_graft));

    /// <summary>After an edit of a contact.</summary>
    [Benchmark]
    public double AfterAContact() => Chance(_rejoined, WireStage.Review(_rejoined, _before));

    /// <summary>After an edit of a draw.</summary>
    [Benchmark]
    public double AfterADraw() => Chance(_redrawn, WireStage.Review(_redrawn, _before));

    private static double Chance(Graft graft, WireReview wire)
        => FeedStage.Review(graft, wire.Circuit.Netlist).Supplies.Sum(supply => FeedChance.OfAll(supply).Sum(chance => chance.Share));

    // The first plugs of the strings become ports, each with a drive pushed on.
    private static Graft Joined()
    {
        var graft = FeedAgainstPlainSums.Made();
        var type = ConnectorTypes.Find("peripheral-power-4")!;
        Port Power(string id, Gender gender) => new(id, id, type, gender) { Pins = [.. Pin.UsualFor(type)] };
        string At(int index) => $"s{index / 10}-p{index % 10}";
        var ports = Enumerable.Range(0, Joints).ToDictionary(index => $"part{index}", At);
        return graft with
        {
            Parts = [.. graft.Parts.Select(part => part.Id == "supply" ? part with { Ports = [.. ports.Values.Select(port => Power(port, Gender.Female))] }
                : ports.ContainsKey(part.Id) ? part with { Ports = [Power("power", Gender.Male)] } : part)],
            Joints = [.. ports.Select(pair
                => new Joint($"joint-{pair.Key}", new PortId("supply", pair.Value), new PortId(pair.Key, "power"), JointMethod.Straight))],
            Supplies = [.. graft.Supplies.Select(supply => supply with
            {
                Leads = [.. supply.Leads.Select(lead => lead with
                {
                    Plugs = [.. lead.Plugs.Select(plug => ports.ContainsValue($"{lead.Id}-{plug.Id}") ? plug with { Port = $"{lead.Id}-{plug.Id}" } : plug)],
                })],
            })],
        };
    }
}
