using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>
/// Finds every shift of a board at which most holes meet a mount, each hole and each mount used once. Exact: for one turn, a hole meets a mount just when the
/// shift lies in a disc round the difference of the two, and the most discs overlap at a crossing of two circles or the middle of one; the covers are swept by
/// angle round each disc. Time O(n k log k) for n pairs with k neighbours each (Chazelle and Lee, On a circle placement problem, 1986).
/// </summary>
public static class PlacementSearch
{
    private const double Whole = 2 * Math.PI;
    private const double Rounding = 1e-9;

    /// <summary>Searches one turn.</summary>
    /// <param name="holes">The holes in the board's frame, with how far each may be off in millimetres.</param>
    /// <param name="mounts">Where mounts stand, in the plane's frame.</param>
    /// <param name="degrees">The turn.</param>
    /// <param name="fewest">Overlaps of fewer than these are not reported.</param>
    /// <param name="band">How many pairs fewer than the best are still reported.</param>
    /// <param name="most">No more than these are reported, those with most mounts first.</param>
    /// <returns>The shifts, each with the pairs met, most first. Every set of pairs is reported once.</returns>
    public static ImmutableArray<PlacementFit> Of(
        IReadOnlyList<(PlanPoint At, double Slack)> holes, IReadOnlyList<PlanPoint> mounts, double degrees, int fewest = 1, int band = 1, int most = 40)
    {
        var discs = Discs(holes, mounts, degrees);
        var sweep = new Sweep(discs, holes.Count, mounts.Count, fewest, band, most);
        foreach (var (index, near) in Neighbours(discs).Index()) sweep.Round(index, near);
        return sweep.Found;
    }

    private static Disc[] Discs(IReadOnlyList<(PlanPoint At, double Slack)> holes, IReadOnlyList<PlanPoint> mounts, double degrees)
    {
        var discs = new Disc[holes.Count * mounts.Count];
        for (var hole = 0; hole < holes.Count; hole++)
        {
            var turned = holes[hole].At.Turned(degrees);
            for (var mount = 0; mount < mounts.Count; mount++)
                discs[(hole * mounts.Count) + mount] = new Disc(hole, mount, mounts[mount] - turned, holes[hole].Slack);
        }

        return discs;
    }

    // A grid as wide as the widest disc: whatever overlaps lies in the same cell or next to it.
    private static IEnumerable<List<int>> Neighbours(Disc[] discs)
    {
        var cell = 2 * discs.Select(disc => disc.Radius).DefaultIfEmpty(1).Max();
        (int, int) Cell(Disc disc) => ((int)Math.Floor(disc.Middle.X / cell), (int)Math.Floor(disc.Middle.Y / cell));
        var grid = discs.Index().GroupBy(pair => Cell(pair.Item)).ToDictionary(group => group.Key, group => group.Select(pair => pair.Index).ToArray());
        foreach (var (index, disc) in discs.Index())
        {
            var (column, row) = Cell(disc);
            var near = new List<int>();
            for (var x = column - 1; x <= column + 1; x++)
            {
                for (var y = row - 1; y <= row + 1; y++)
                {
                    foreach (var other in grid.GetValueOrDefault((x, y), []))
                    {
                        if (other != index && discs[other].Middle.To(disc.Middle) <= disc.Radius + discs[other].Radius) near.Add(other);
                    }
                }
            }

            yield return near;
        }
    }

    /// <summary>The shifts at which a hole meets a mount.</summary>
    internal readonly record struct Disc(int Hole, int Mount, PlanPoint Middle, double Radius);

    private sealed class Sweep(Disc[] discs, int holes, int mounts, int fewest, int band, int most)
    {
        private readonly Dictionary<string, PlacementFit> _found = [];
        private readonly int[] _holeUse = new int[holes];
        private readonly int[] _mountUse = new int[mounts];
        private int _holesIn;
        private int _mountsIn;
        private int _best;

        public ImmutableArray<PlacementFit> Found => [.. _found.Values.OrderByDescending(fit => fit.Pairs.Length).ThenBy(fit => fit.Worst).Take(most)];

        public void Round(int index, List<int> near)
        {
            // A cover too far below what was found cannot become worth telling.
            if (near.Count + 1 < Math.Max(fewest, _best - band)) return;
            var self = discs[index];
            var covers = new HashSet<int> { index };
            var events = new List<(double Angle, bool IsEntry, int Disc)>();
            Enter(index);
            foreach (var other in near) Arc(self, other, covers, events);
            Weigh(self.Middle + new PlanPoint(self.Radius, 0), covers);
            foreach (var (angle, isEntry, disc) in events.OrderBy(step => step.Angle).ThenByDescending(step => step.IsEntry))
            {
                if (isEntry)
                {
                    if (covers.Add(disc)) Enter(disc);
                    Weigh(self.Middle + new PlanPoint(self.Radius * Math.Cos(angle), self.Radius * Math.Sin(angle)), covers);
                }
                else if (covers.Remove(disc))
                {
                    Leave(disc);
                }
            }

            foreach (var disc in covers) Leave(disc);
        }

        // The part of this disc's rim that another disc covers.
        private void Arc(Disc self, int other, HashSet<int> covers, List<(double, bool, int)> events)
        {
            var (disc, apart) = (discs[other], self.Middle.To(discs[other].Middle));
            if (apart + self.Radius <= disc.Radius + Rounding)
            {
                if (covers.Add(other)) Enter(other);
                return;
            }

            // It lies wholly inside this one: its own rim is swept in its turn.
            if (apart + disc.Radius < self.Radius - Rounding) return;
            var towards = Math.Atan2(disc.Middle.Y - self.Middle.Y, disc.Middle.X - self.Middle.X);
            var half = Math.Acos(Math.Clamp(((apart * apart) + (self.Radius * self.Radius) - (disc.Radius * disc.Radius)) / (2 * apart * self.Radius), -1, 1));
            var (from, to) = (Turn(towards - half), Turn(towards + half));
            events.Add((from, true, other));
            events.Add((to, false, other));
            if (from <= to && from > 0) return;
            if (covers.Add(other)) Enter(other);
        }

        private void Weigh(PlanPoint shift, HashSet<int> covers)
        {
            if (Math.Min(_holesIn, _mountsIn) < Math.Max(fewest, _best - band)) return;
            var pairs = PlacementPairs.Most(discs, covers);
            if (pairs.Length < fewest) return;
            _best = Math.Max(_best, pairs.Length);
            var key = string.Join(' ', pairs.Select(disc => (disc.Hole, disc.Mount)).Order());
            if (!_found.ContainsKey(key)) _found[key] = PlacementFit.Of(shift, pairs);
        }

        private void Enter(int disc)
        {
            if (_holeUse[discs[disc].Hole]++ == 0) _holesIn++;
            if (_mountUse[discs[disc].Mount]++ == 0) _mountsIn++;
        }

        private void Leave(int disc)
        {
            if (--_holeUse[discs[disc].Hole] == 0) _holesIn--;
            if (--_mountUse[discs[disc].Mount] == 0) _mountsIn--;
        }

        private static double Turn(double angle) => angle < 0 ? angle + Whole : angle >= Whole ? angle - Whole : angle;
    }
}
