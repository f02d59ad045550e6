using BenchmarkDotNet.Attributes;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Schools;

namespace LooseGraft.Bench;

/// <summary>All placements of a 40-position plug on a 40-position header and the smallest change that makes it right; and a graft of 60 joints after one
/// edit.</summary>
[MemoryDiagnoser]
public class JointOfForty
{
    internal static readonly string[] Names =
    [
        "ground", "power-switch", "power-light+", "power-light-", "reset-switch", "drive-light+", "drive-light-", "+5 V", "usb1-data+", "usb1-data-", "ground",
        "usb2-data+", "usb2-data-", "+5 V", "ground",
        "headphone-left", "headphone-right", "audio-presence", "microphone-left", "microphone-right", "lid-sense", "fan-tacho", "fan-control", "+12 V",
        "ground", "+3.3 V", "serial-transmit", "serial-receive", "ground", "+5 V standby",
        "network-light+", "network-light-", "scale-lamp+", "scale-lamp-", "line-left", "line-right", "ground", "panel-sense", "spare-switch", "none",
    ];

    private readonly Graft _one = Of(1, 40);
    private readonly Graft _sixty = Of(60, 20);
    private readonly Graft _sixtyLarge = Of(60, 40);
    private JointReview _review = null!;
    private WireReview _before = null!;
    private Graft _edited = null!;

    /// <summary>Judges the joint once, for what starts from its review.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        _review = WireStage.Review(_one).Joints[0];
        _before = WireStage.Review(_sixtyLarge);
        // Read back from its file, as an edit in the application is.
        _edited = GraftFile.Read(
            GraftFile.Write(_sixtyLarge.WithPin(
            new PortId("board-7", "port"), 3, pin => pin with { Signal = pin.Signal with { Value = Signal.Ground } }))).Graft!;
    }

    /// <summary>All placements and the smallest change.</summary>
    [Benchmark(Baseline = true)]
    public int OneJoint() => WireStage.Review(_one).Joints[0].PlacementCount;

    /// <summary>The three schools for it, adapters searched.</summary>
    [Benchmark]
    public int ThreeSchools() => SchoolAdvisor.Of(_one, _review).Plans.Length;

    /// <summary>Sixty joints of 20 positions.</summary>
    [Benchmark]
    public int SixtyJointsOfTwenty() => WireStage.Review(_sixty).Joints.Length;

    /// <summary>Sixty joints of 40 positions, one of which was edited since they were last judged.</summary>
    [Benchmark]
    public int SixtyJointsOfFortyAfterAnEdit() => WireStage.Review(_edited, _before).Joints.Length;

    /// <summary>Sixty joints of 40 positions.</summary>
    [Benchmark]
    public int SixtyJointsOfForty() => WireStage.Review(_sixtyLarge).Joints.Length;

    internal static Graft Of(int joints, int positions)
    {
        var random = new Random(4);
        var parts = Enumerable.Range(0, joints).SelectMany(index => new[]
        {
            Part($"board-{index}", PartKind.Board, Gender.Male, Names[..positions]),
            Part($"shell-{index}", PartKind.Panel, Gender.Female, [.. Names[..positions].OrderBy(_ => random.Next())]),
        }).ToArray();
        return Graft.Empty("forty") with
        {
            Parts = [.. parts],
            Joints = [.. Enumerable.Range(0, joints)
                .Select(index => new Joint(
                $"joint-{index}", new PortId($"board-{index}", "port"), new PortId($"shell-{index}", "port"), JointMethod.Straight))],
        };
    }

    internal static Part Part(string id, PartKind kind, Gender gender, string[] names) => new(id, id, kind)
    {
        Ports =
        [
            new Port("port", "port", ConnectorTypes.Find("pin-header")!, gender)
            {
                OwnRows = 2,
                OwnColumns = names.Length / 2,
                Pins = [.. names.Select((name, index) => new Pin(index + 1) { Signal = new Known<Signal>(Signal.Parse(name)!, Evidence.Measured) })],
            },
        ],
    };
}
