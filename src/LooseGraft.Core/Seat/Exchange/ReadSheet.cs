using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Exchange;

/// <summary>What a drawing that was brought in holds: closed outlines and circles, in millimetres.</summary>
/// <param name="Outlines">Closed lines, the one round the largest area first.</param>
/// <param name="Circles">Circles.</param>
/// <param name="Problem">Why it could not be read; null when it could.</param>
/// <param name="Notes">What was left out.</param>
public sealed record ReadSheet(
    ImmutableArray<ImmutableArray<PlanPoint>> Outlines, ImmutableArray<(PlanPoint Middle, double Radius)> Circles, string? Problem,
    ImmutableArray<string> Notes)
{
    /// <summary>Bytes of a drawing: 2 MiB.</summary>
    public const int MostBytes = 2 * 1024 * 1024;

    /// <summary>Lines and circles of a drawing.</summary>
    public const int MostShapes = 5000;

    /// <summary>The farthest a coordinate may be from the origin, in millimetres.</summary>
    public const double FarthestMm = 10_000;

    // Two ends of lines are one corner when they are nearer than this.
    private const double JoinMm = 0.01;

    /// <summary>What was left out, to be put behind a sentence; empty when nothing was.</summary>
    public string NotesInWords => Notes.IsEmpty ? "" : $" ({string.Join("; ", Notes)})";

    // Drawings begin anywhere; places count from the rear left corner of the largest outline.
    private PlanRectangle Corner => PlanRectangle.Round(Outlines.IsEmpty ? [] : Outlines[0]);

    /// <summary>A place, counted from the rear left corner of the largest outline, to a hundredth of a millimetre.</summary>
    public PlanPoint FromCorner(PlanPoint place) => new(Math.Round(place.X - Corner.X, 2), Math.Round(place.Y - Corner.Y, 2));

    /// <summary>An outline, counted from there.</summary>
    public ValueList<PlanPoint> Outline(IEnumerable<PlanPoint> corners) => [.. corners.Select(FromCorner)];

    /// <summary>No more of it than so many outlines, corners of each, and circles.</summary>
    public ReadSheet Bounded(int outlines, int corners, int circles) => this with
    {
        Outlines = [.. Outlines.Take(outlines).Select(outline => outline[..Math.Min(outline.Length, corners)])],
        Circles = [.. Circles.Take(circles)],
    };

    internal static ReadSheet Failed(string problem) => new([], [], problem, []);

    internal static ReadSheet Of(
        List<ImmutableArray<PlanPoint>> closed, List<(PlanPoint From, PlanPoint To)> lines, List<(PlanPoint Middle, double Radius)> circles, List<string> notes)
    {
        if (closed.SelectMany(outline => outline).Concat(lines.SelectMany(line => new[] { line.From, line.To })).Concat(circles.Select(circle => circle.Middle))
            .Any(IsFar)
            || circles.Any(circle => !(circle.Radius is > 0 and <= FarthestMm)))
            return Failed($"A coordinate is no figure, or lies more than {FarthestMm:0} mm from the origin. Is the drawing in millimetres?");
        closed.AddRange(Joined(lines, notes));
        if (closed.Count == 0 && circles.Count == 0) return Failed("There is no closed outline and no circle in it.");
        return new ReadSheet([.. closed.OrderByDescending(outline => Shapes.Polygon(outline).Area)], [.. circles], null, [.. notes]);
    }

    private static bool IsFar(PlanPoint place) => !(Math.Abs(place.X) <= FarthestMm && Math.Abs(place.Y) <= FarthestMm);

    // Lines that meet end to end become outlines; each end is looked up by its place, rounded.
    private static IEnumerable<ImmutableArray<PlanPoint>> Joined(List<(PlanPoint From, PlanPoint To)> lines, List<string> notes)
    {
        static (long, long) Key(PlanPoint place) => ((long)Math.Round(place.X / JoinMm), (long)Math.Round(place.Y / JoinMm));
        var ends = lines.Index().SelectMany(pair => new[] { (Key(pair.Item.From), pair.Index), (Key(pair.Item.To), pair.Index) })
            .ToLookup(end => end.Item1, end => end.Index);
        var (used, loose) = (new bool[lines.Count], 0);
        for (var first = 0; first < lines.Count; first++)
        {
            if (used[first]) continue;
            used[first] = true;
            var corners = new List<PlanPoint> { lines[first].From, lines[first].To };
            var current = first;
            while (!IsClosed() && Next(current, corners[^1]) is { } next)
            {
                used[next] = true;
                corners.Add(Key(lines[next].From) == Key(corners[^1]) ? lines[next].To : lines[next].From);
                current = next;
            }

            if (IsClosed()) yield return [.. corners.Take(corners.Count - 1)];
            else loose++;

            bool IsClosed() => corners.Count > 3 && Key(corners[0]) == Key(corners[^1]);
        }

        if (loose > 0) notes.Add($"{loose} lines that close nothing were left out");

        // Where outlines touch, several lines go on; those of one outline usually stand together in the file.
        int? Next(int after, PlanPoint at)
        {
            var on = ends[Key(at)].Where(index => !used[index]).ToArray();
            return on.Length == 0 ? null : on.MinBy(index => Math.Abs(index - after));
        }
    }
}
