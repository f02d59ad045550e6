using System.Collections.Immutable;
using System.Globalization;
using BenchmarkDotNet.Attributes;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Reach;
using LooseGraft.Core.Seat.Surveying;

namespace LooseGraft.Bench;

/// <summary>Three hundred boxes against each other, forty leads among sixty obstacles, and sixty distances.</summary>
public class SeatOfMany
{
    private readonly Graft _crowded = Crowded(300, 0);
    private readonly Graft _wired = Crowded(60, 40);
    private readonly Survey _survey = Measured();
    private ImmutableArray<SolidBody> _bodies;

    /// <summary>Resolves the boxes, as a review does once.</summary>
    [GlobalSetup]
    public void SetUp() => _bodies = SolidBody.Of(_crowded);

    /// <summary>The clash test.</summary>
    [Benchmark]
    public int Clashes() => Clash.Of(_bodies).Length;

    /// <summary>The reach of every lead.</summary>
    [Benchmark]
    public double Reaches() => LeadReach.Of(_wired).Sum(reach => reach.Needed?.Value ?? 0);

    /// <summary>The adjustment with ellipses, suspects and the next best measurement.</summary>
    [Benchmark]
    public double Adjustment() => SurveyAdjustment.Of(_survey).LargestAxis;

    /// <summary>A whole review of the crowded plane.</summary>
    [Benchmark]
    public int Review() => SeatStage.Review(_crowded).Findings.Length;

    private static Graft Crowded(int boxes, int leads)
    {
        var shake = new Random(9);
        PlanPoint Place() => new(shake.NextDouble() * 780, shake.NextDouble() * 580);
        SeatBox Box(int index)
        {
            var at = Place();
            return new SeatBox($"b{index}", $"box {index}", "tray", new PlanRectangle(at.X, at.Y, 8 + (shake.NextDouble() * 25), 8 + (shake.NextDouble() * 25)))
            {
                Height = new Millimetres(20 + (shake.NextDouble() * 40)),
                From = new Millimetres(index % 3 * 5),
            };
        }

        return Graft.Empty("crowded") with
        {
            Seating = new Seating
            {
                Planes = [new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 800, 600).Corners]) { Lid = new Millimetres(90) }],
                Boxes = [.. Enumerable.Range(0, boxes).Select(Box)],
                Runs = [.. Enumerable.Range(0, leads)
                    .Select(index => new LeadRun($"r{index}", $"lead {index}", "tray", new RunEnd(null, Place(), 10), new RunEnd(null, Place(), 10))
                    {
                        Length = new Millimetres(500), Bend = new Millimetres(4),
                    })],
            },
        };
    }

    private static Survey Measured()
    {
        var shake = new Random(7);
        var places = Enumerable.Range(0, 14).Select(_ => new PlanPoint(shake.NextDouble() * 200, shake.NextDouble() * 150)).ToArray();
        string Say(double value) => (value + ((shake.NextDouble() - 0.5) * 0.2)).ToString("0.0", CultureInfo.InvariantCulture);
        var edges = places.Index()
            .SelectMany(pair => new[]
            {
                new SurveySpan($"h{pair.Index}", "left", Say(pair.Item.X)), new SurveySpan($"h{pair.Index}", "rear", Say(pair.Item.Y)),
            });
        var spans = places.Index()
            .SelectMany(one => places.Index().Skip(one.Index + 1).Take(3)
            .Select(other => new SurveySpan($"h{one.Index}", $"h{other.Index}", Say(one.Item.To(other.Item)))));
        return new Survey("board", [.. edges.Concat(spans).Take(60)]);
    }
}
