using BenchmarkDotNet.Attributes;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Bench;

/// <summary>The circuit of sixty joints of 40 positions with thirty switches, wired as it should be and at odds in every contact.</summary>
[MemoryDiagnoser]
public class CircuitOfSixty
{
    private const int Switches = 30;

    private Graft _sound = null!;
    private Graft _soundEdited = null!;
    private Graft _shuffled = null!;
    private WireReview _soundBefore = null!;
    private WireReview _shuffledBefore = null!;

    /// <summary>Judges both once.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        _shuffled = WithSwitches(JointOfForty.Of(60, 40));
        _sound = WithSwitches(Sound());
        _soundEdited = _sound.WithPin(new PortId("board-7", "port"), 3, pin => pin with { NeededFor = "looked at again" });
        (_soundBefore, _shuffledBefore) = (WireStage.Review(_sound), WireStage.Review(_shuffled));
    }

    /// <summary>The circuit alone, its joints judged before.</summary>
    [Benchmark(Baseline = true)]
    public int SoundCircuit() => CircuitReview.Of(_sound, _soundBefore.Joints).Conflicts.Length;

    /// <summary>The whole review after one edit.</summary>
    [Benchmark]
    public int SoundReviewAfterAnEdit() => WireStage.Review(_soundEdited, _soundBefore).Findings.Length;

    /// <summary>The whole review.</summary>
    [Benchmark]
    public int SoundReviewAnew() => WireStage.Review(_sound).Findings.Length;

    /// <summary>The circuit alone where nothing is wired as it should be.</summary>
    [Benchmark]
    public int ShuffledCircuit() => CircuitReview.Of(_shuffled, _shuffledBefore.Joints).Conflicts.Length;

    /// <summary>The whole review where nothing is wired as it should be.</summary>
    [Benchmark]
    public int ShuffledReviewAnew() => WireStage.Review(_shuffled).Findings.Length;

    // Every position on its own, so that what stands opposite is what belongs there.
    private static Graft Sound()
    {
        var graft = JointOfForty.Of(60, 40);
        return graft with
        {
            Parts = [.. graft.Parts.Select(
                part => part.Kind == PartKind.Board ? part : JointOfForty.Part(part.Id, part.Kind, Gender.Female, JointOfForty.Names))],
        };
    }

    // Panels hold a switch between their power-switch and a ground.
    private static Graft WithSwitches(Graft graft) => graft with
    {
        Parts = [.. graft.Parts.Select((part, index) => index < 2 * Switches && part.Kind == PartKind.Panel ? part with { Links = [Press(part)] } : part)],
    };

    private static PartLink Press(Part part)
        => new(new InnerEnd("port", Find(part, "power-switch")), new InnerEnd("port", Find(part, "ground")), LinkKind.Momentary);

    private static int Find(Part part, string signal) => part.Ports[0].Pins.First(pin => pin.Signal.Value.Name == signal).Position;
}
