using System.Collections.Immutable;
using LooseGraft.Core.Model;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>The unknowns of a survey and what its distances say of them: one equation a distance.</summary>
internal sealed class SurveySystem
{
    private readonly Dictionary<string, int> _index = [];
    private readonly HashSet<int> _fixed = [];

    public SurveySystem(IEnumerable<SurveySpan> spans)
    {
        var all = spans.ToArray();
        var across = all.Where(span => span.To == SurveyText.Across).GroupBy(span => span.From)
            .ToDictionary(group => group.Key, group => group.Average(span => SurveyText.Value(span)!.Value));
        Diameters = across;
        foreach (var span in all)
        {
            foreach (var name in new[] { span.From, span.To }.Where(name => name != SurveyText.Across && !SurveyText.Edges.Contains(name)))
            {
                if (_index.TryAdd(name, _index.Count)) Points.Add(name);
            }
        }

        foreach (var span in all.Where(span => span.To != SurveyText.Across))
        {
            // A distance along an edge, or between edges that meet, says nothing of any place.
            if (Axis(span.From) is { } one && Axis(span.To) is { } other && (one != other || span.From == span.To)) continue;
            Equations.Add(Of(span, across));
        }

        FixDatum();
        Free = [.. Enumerable.Range(0, Unknowns).Where(unknown => !_fixed.Contains(unknown))];
    }

    // The same unknowns, counted from the same place, with other distances.
    private SurveySystem(SurveySystem of, IEnumerable<Equation> equations)
    {
        (_index, _fixed, Points, Diameters, Datum, Free) = (of._index, of._fixed, of.Points, of.Diameters, of.Datum, of.Free);
        Equations = [.. equations];
    }

    /// <summary>The unknowns that the datum leaves open.</summary>
    public ImmutableArray<int> Free { get; }

    public List<string> Points { get; } = [];

    public Dictionary<string, double> Diameters { get; }

    public List<Equation> Equations { get; } = [];

    public string Datum { get; private set; } = "";

    // x and y of each point, then the right edge, then the front edge.
    public int Unknowns => (2 * Points.Count) + 2;

    public int Right => 2 * Points.Count;

    public int Front => Right + 1;

    public IReadOnlySet<int> Fixed => _fixed;

    /// <summary>The same without one of its distances.</summary>
    public SurveySystem Without(Equation equation) => new(this, Equations.Where(other => other != equation));

    /// <summary>The same with some of its distances, in any order.</summary>
    public SurveySystem Sampled(Random random) => new(this, Equations.Where(_ => random.Next(3) > 0).OrderBy(_ => random.Next()));

    /// <summary>The same with one of its distances read otherwise.</summary>
    public SurveySystem With(Equation equation, Equation read) => new(this, Equations.Select(other => other == equation ? read : other));

    /// <summary>A distance as it would count here.</summary>
    public Equation Reading(SurveySpan span) => Of(span, Diameters);

    public bool Has(string edge) => Equations.Any(equation => equation.Span.From == edge || equation.Span.To == edge);

    public int Index(string point) => _index[point];

    public static bool? Axis(string name) => name switch { "left" or "right" => true, "rear" or "front" => false, _ => null };

    /// <summary>What the unknowns say of a distance, in millimetres.</summary>
    public double Say(Equation equation, Vector<double> at) => Say(equation.Span.From, equation.Span.To, at).Value;

    /// <summary>How a distance changes with each of the unknowns.</summary>
    public (int Unknown, double Slope)[] Slopes(Equation equation, Vector<double> at) => Say(equation.Span.From, equation.Span.To, at).Slopes;

    /// <summary>What the unknowns say of a distance, and how that changes with each of them.</summary>
    public (double Value, (int Unknown, double Slope)[] Slopes) Say(string from, string to, Vector<double> at)
    {
        if (Axis(from) is null && Axis(to) is null)
        {
            var (one, other) = (2 * _index[from], 2 * _index[to]);
            var (dx, dy) = (at[other] - at[one], at[other + 1] - at[one + 1]);
            var distance = Math.Max(1e-9, Math.Sqrt((dx * dx) + (dy * dy)));
            return (distance, [(one, -dx / distance), (one + 1, -dy / distance), (other, dx / distance), (other + 1, dy / distance)]);
        }

        // Everything else is one coordinate less another: the far one less the near one.
        var (isX, near, far) = (Axis(from) ?? Axis(to)!.Value, from, to);
        if (near is "right" or "front" || far is "left" or "rear") (near, far) = (far, near);
        var slopes = new List<(int, double)>();
        var value = 0.0;
        foreach (var (name, sign) in new[] { (near, -1.0), (far, 1.0) })
        {
            if (name is "left" or "rear") continue;
            var unknown = name switch { "right" => Right, "front" => Front, _ => (2 * _index[name]) + (isX ? 0 : 1) };
            value += sign * at[unknown];
            slopes.Add((unknown, sign));
        }

        return (value, [.. slopes]);
    }

    private static Equation Of(SurveySpan span, Dictionary<string, double> across)
    {
        var rims = (across.GetValueOrDefault(span.From) + across.GetValueOrDefault(span.To)) / 2;
        var middle = SurveyText.Value(span)!.Value + span.Kind switch { SpanKind.NearRims => rims, SpanKind.FarRims => -rims, _ => 0 };
        return new Equation(span, middle, SurveyText.Deviation(span));
    }

    // Coordinates are counted from the left and the rear edge where anything was measured to an edge; otherwise from the first point.
    private void FixDatum()
    {
        if (!Has("right")) _fixed.Add(Right);
        if (!Has("front")) _fixed.Add(Front);
        if (Points.Count == 0) return;
        var (byX, byY) = (HasEdges(true), HasEdges(false));
        if (!byX) _fixed.Add(0);
        if (!byY) _fixed.Add(1);
        Datum = (byX, byY) switch
        {
            (true, true) => "counted from the left and the rear edge",
            (true, false) => $"x counted from the left edge, y from {Points[0]}",
            (false, true) => $"x counted from {Points[0]}, y from the rear edge",
            _ => $"counted from {Points[0]}",
        };
        if (byX || byY) return;
        var along = Equations.Where(equation => equation.Span.From == Points[0] || equation.Span.To == Points[0]).MaxBy(equation => equation.Middle);
        var second = along is null ? Points.ElementAtOrDefault(1) : along.Span.From == Points[0] ? along.Span.To : along.Span.From;
        if (second is null) return;
        _fixed.Add((2 * _index[second]) + 1);
        Datum += $", x along the line to {second}";
    }

    // A right edge alone gives no place: it moves along with what is measured to it.
    private bool HasEdges(bool isX) => Equations.Any(equation => Axis(equation.Span.From) == isX != (Axis(equation.Span.To) == isX));

    /// <summary>One distance as an equation; two that are written alike are two.</summary>
    /// <param name="span">As written.</param>
    /// <param name="middle">Middle to middle, in millimetres.</param>
    /// <param name="deviation">Its standard deviation in millimetres.</param>
    internal sealed class Equation(SurveySpan span, double middle, double deviation)
    {
        /// <summary>As written.</summary>
        public SurveySpan Span => span;

        /// <summary>Middle to middle, in millimetres.</summary>
        public double Middle => middle;

        /// <summary>Its standard deviation in millimetres.</summary>
        public double Deviation => deviation;
    }
}
