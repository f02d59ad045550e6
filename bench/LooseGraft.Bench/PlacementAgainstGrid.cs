using BenchmarkDotNet.Attributes;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Placing;

namespace LooseGraft.Bench;

/// <summary>Sixteen holes on sixty-four mounts, all four turns: the exact search beside trying, for every pair of a hole and a mount, every shift of a 0.1 mm
/// grid at which the two meet.</summary>
public class PlacementAgainstGrid
{
    private const double SlackMm = 0.5;
    private const double StepMm = 0.1;

    private static readonly double[] Turns = [0, 90, 180, 270];

    private readonly PlanPoint[] _holes = Places(16, 300, 240, 3);
    private PlanPoint[] _mounts = [];
    private Graft _graft = Graft.Empty("");

    /// <summary>Twelve of the mounts lie where a turned board has holes, a little off; the others anywhere.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        var shake = new Random(5);
        var matching = _holes.Take(12)
            .Select(hole => hole.Turned(90) + new PlanPoint(320 + ((shake.NextDouble() - 0.5) * 0.4), 40 + ((shake.NextDouble() - 0.5) * 0.4)));
        _mounts = [.. matching, .. Places(52, 400, 400, 4)];
        // Round the place where the twelve meet.
        var crowd = Places(200, 400, 400, 6).Where(at => at.X is < 66 or > 321 || at.Y is < 31 or > 346).Take(20);
        _graft = _graft with
        {
            Parts = [new Part("board", "board", PartKind.Board)
            {
                Body = new PartBody([.. new PlanRectangle(0, 0, 305, 245).Corners], Evidence.Measured),
                Holes = [.. _holes.Select(hole => new MountHole(hole.X, hole.Y, new Millimetres(4)))],
            }],
            Seating = new Seating
            {
                Planes = [new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 420, 420).Corners])
                {
                    Mounts = [.. _mounts.Select((at, index) => new Mount($"m{index}", MountKind.Standoff, at, new Millimetres(6.5)))],
                }],
                Boxes = [.. crowd.Select((at, index) => new SeatBox($"b{index}", "box", "tray", new PlanRectangle(at.X, at.Y, 8, 8)))],
            },
        };
        if (Exact() != Grid()) throw new InvalidOperationException($"The search finds {Exact()}, the grid {Grid()}.");
    }

    /// <summary>The exact search.</summary>
    [Benchmark(Baseline = true)]
    public int Exact() => Turns.Max(turn => PlacementSearch.Of([.. _holes.Select(hole => (hole, SlackMm))], _mounts, turn)[0].Pairs.Length);

    /// <summary>All ways to seat such a board among twenty boxes, judged: what a page asks for.</summary>
    [Benchmark]
    public int Ways() => Placements.Of(_graft, "board", "tray").Length;

    /// <summary>The grid.</summary>
    [Benchmark]
    public int Grid()
    {
        var best = 0;
        foreach (var turn in Turns)
        {
            var turned = _holes.Select(hole => hole.Turned(turn)).ToArray();
            foreach (var hole in turned)
            {
                foreach (var mount in _mounts)
                {
                    for (var x = -SlackMm; x <= SlackMm; x += StepMm)
                    {
                        for (var y = -SlackMm; y <= SlackMm; y += StepMm)
                            best = Math.Max(best, Met(turned, new PlanPoint(mount.X - hole.X + x, mount.Y - hole.Y + y)));
                    }
                }
            }
        }

        return best;
    }

    private int Met(PlanPoint[] turned, PlanPoint shift)
    {
        var met = 0;
        foreach (var hole in turned)
        {
            foreach (var mount in _mounts)
            {
                var (dx, dy) = (hole.X + shift.X - mount.X, hole.Y + shift.Y - mount.Y);
                if ((dx * dx) + (dy * dy) > SlackMm * SlackMm) continue;
                met++;
                break;
            }
        }

        return met;
    }

    private static PlanPoint[] Places(int count, double width, double depth, int seed)
    {
        var shake = new Random(seed);
        return [.. Enumerable.Range(0, count).Select(_ => new PlanPoint(shake.NextDouble() * width, shake.NextDouble() * depth))];
    }
}
