using LooseGraft.Core.Model;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>
/// Finds points that fit as well on the other side of a line. Take any line through measured points: those off it fall into groups that are tied to each other
/// only by distances; a group that no edge holds against the mirror keeps every distance when it is mirrored. Lines: level and upright through each point, and
/// through each pair. O(p² · (p + d)) for p points and d distances.
/// </summary>
internal static class SurveyMirror
{
    private const double Near = 0.5;

    /// <summary>The mirrored places inside the edges that are known, by the point's place in the list.</summary>
    public static Dictionary<int, PlanPoint> Of(SurveySystem system, Vector<double> at)
    {
        var places = Enumerable.Range(0, system.Points.Count).Select(index => new PlanPoint(at[2 * index], at[(2 * index) + 1])).ToArray();
        var (ties, byX, byY) = Ties(system);
        var mirrored = new Dictionary<int, PlanPoint>();
        foreach (var (index, place) in places.Index())
        {
            Mirror(place, new PlanPoint(1, 0), byY);
            Mirror(place, new PlanPoint(0, 1), byX);
            foreach (var other in places.Skip(index + 1).Where(other => other.To(place) > Near))
            {
                var along = new PlanPoint((other.X - place.X) / place.To(other), (other.Y - place.Y) / place.To(other));
                // Level and upright lines were tried; on any other, an edge of either kind holds a point.
                if (Math.Abs(along.X) > 1e-6 && Math.Abs(along.Y) > 1e-6) Mirror(place, along, [.. byX, .. byY]);
            }
        }

        return mirrored;

        void Mirror(PlanPoint through, PlanPoint along, HashSet<int> held)
        {
            double Off(int point) => ((places[point].X - through.X) * along.Y) - ((places[point].Y - through.Y) * along.X);
            PlanPoint Other(int point) => new(places[point].X - (2 * Off(point) * along.Y), places[point].Y + (2 * Off(point) * along.X));
            var left = Enumerable.Range(0, places.Length).Where(point => Math.Abs(Off(point)) > Near).ToHashSet();
            while (left.Count > 0)
            {
                var group = Group(left.First(), left, ties);
                left.ExceptWith(group);
                if (group.Overlaps(held) || !group.All(point => IsInside(system, at, Other(point)))) continue;
                foreach (var point in group) mirrored.TryAdd(point, Other(point));
            }
        }
    }

    private static (ILookup<int, int> Ties, HashSet<int> ByX, HashSet<int> ByY) Ties(SurveySystem system)
    {
        var (pairs, byX, byY) = (new List<(int, int)>(), new HashSet<int>(), new HashSet<int>());
        foreach (var span in system.Equations.Select(equation => equation.Span))
        {
            switch (SurveySystem.Axis(span.From), SurveySystem.Axis(span.To))
            {
                case (null, null):
                    pairs.Add((system.Index(span.From), system.Index(span.To)));
                    pairs.Add((system.Index(span.To), system.Index(span.From)));
                    break;
                case (null, { } isX):
                    (isX ? byX : byY).Add(system.Index(span.From));
                    break;
                case ({ } isX, null):
                    (isX ? byX : byY).Add(system.Index(span.To));
                    break;
            }
        }

        return (pairs.ToLookup(pair => pair.Item1, pair => pair.Item2), byX, byY);
    }

    private static HashSet<int> Group(int start, HashSet<int> among, ILookup<int, int> ties)
    {
        var (group, open) = (new HashSet<int> { start }, new Stack<int>([start]));
        while (open.TryPop(out var point))
        {
            foreach (var next in ties[point])
            {
                if (among.Contains(next) && group.Add(next)) open.Push(next);
            }
        }

        return group;
    }

    /// <summary>Whether every point lies within the edges that are known.</summary>
    public static bool AreInside(SurveySystem system, Vector<double> at)
        => Enumerable.Range(0, system.Points.Count).All(point => IsInside(system, at, new PlanPoint(at[2 * point], at[(2 * point) + 1])));

    /// <summary>Whether a place lies within the edges that are known.</summary>
    public static bool IsInside(SurveySystem system, Vector<double> at, PlanPoint place)
        => !(system.Has("left") && place.X < -Near) && !(system.Has("rear") && place.Y < -Near)
            && !(system.Has("right") && place.X > at[system.Right] + Near) && !(system.Has("front") && place.Y > at[system.Front] + Near);
}
