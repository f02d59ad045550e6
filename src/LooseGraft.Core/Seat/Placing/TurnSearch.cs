using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>The search over one turn; <see cref="PlacementSearch"/> tells how it goes.</summary>
internal sealed class TurnSearch
{
    private const double Whole = 2 * Math.PI;
    private const double Rounding = 1e-9;

    // Crossings are only as good as figures are.
    private const double Touch = 1e-7;
    private const int MostCorners = 16;

    private readonly Disc[] _discs;
    private readonly List<int>[] _near;
    private readonly int[] _order;
    private readonly FreeSpace? _space;
    private readonly PlacementGoal _goal;
    private readonly Dictionary<string, (List<PlanPoint> Corners, ImmutableArray<Disc> Pairs, int Shorts)> _found = [];
    private readonly int[] _holeUse;
    private readonly int[] _mountUse;
    private int _holesIn;
    private int _mountsIn;

    /// <summary>Prepares it.</summary>
    /// <param name="holes">The holes in the board's frame, with how far each may be off in millimetres.</param>
    /// <param name="mounts">Where mounts stand, in the plane's frame.</param>
    /// <param name="degrees">The turn.</param>
    /// <param name="space">Where the board is free; null where it is everywhere.</param>
    /// <param name="goal">What is worth finding; searches of several turns share it.</param>
    public TurnSearch(IReadOnlyList<(PlanPoint At, double Slack)> holes, IReadOnlyList<PlanPoint> mounts, double degrees, FreeSpace? space, PlacementGoal goal)
    {
        (_space, _goal) = (space, goal);
        _discs = [.. Discs(holes, mounts, degrees).Where(disc => space?.Buries(disc.Middle, disc.Radius) != true)];
        (_holeUse, _mountUse) = (new int[holes.Count], new int[mounts.Count]);
        _near = [.. Neighbours(_discs)];
        // Where most overlap the best is found first, and the rest need not be looked into.
        _order = [.. Enumerable.Range(0, _discs.Length).OrderByDescending(disc => _near[disc].Count)];
    }

    /// <summary>What was found and is still worth telling, most holes first. Every set of pairs once.</summary>
    public ImmutableArray<PlacementFit> Found
        => [.. _found.Values.Where(found => found.Pairs.Length >= _goal.Least)
            .Select(found => PlacementFit.Of(found.Corners, found.Pairs, found.Shorts, Shorts(found.Pairs)))
            .OrderByDescending(fit => fit.Pairs.Length).ThenBy(fit => fit.Worst)];

    /// <summary>Tries every crossing of two circles.</summary>
    public void Cross()
    {
        foreach (var disc in Worthwhile()) Round(disc);
    }

    /// <summary>Tries every crossing of a line at which something begins to touch with a circle or another line.</summary>
    public void Meet()
    {
        if (_space is null) return;
        foreach (var index in Worthwhile())
        {
            var self = _discs[index];
            var (lines, rim, places) = (_space.Near(self.Middle, self.Radius), new ShiftCurve(self.Middle, default, self.Radius), new List<PlanPoint>());
            for (var one = 0; one < lines.Count; one++)
            {
                places.AddRange(lines[one].Crossings(rim));
                if (lines[one].Rightmost is { } alone) places.Add(alone);
                for (var other = one + 1; other < lines.Count; other++) places.AddRange(lines[one].Crossings(lines[other]));
            }

            foreach (var place in places.Where(place => place.To(self.Middle) <= self.Radius + Touch))
            {
                var covers = _near[index].Append(index).Where(disc => _discs[disc].Middle.To(place) <= _discs[disc].Radius + Touch).ToHashSet();
                foreach (var disc in covers) Enter(disc);
                Weigh(place, covers);
                foreach (var disc in covers) Leave(disc);
            }
        }
    }

    // A cover too far below what was found cannot become worth telling.
    private IEnumerable<int> Worthwhile() => _order.Where(disc => _near[disc].Count + 1 >= _goal.Least);

    private void Round(int index)
    {
        var self = _discs[index];
        var covers = new HashSet<int> { index };
        var events = new List<(double Angle, bool IsEntry, int Disc)>();
        Enter(index);
        foreach (var other in _near[index]) Arc(self, other, covers, events);
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
        var (disc, apart) = (_discs[other], self.Middle.To(_discs[other].Middle));
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
        if (Math.Min(_holesIn, _mountsIn) < _goal.Least) return;
        var pairs = PlacementPairs.Most(_discs, covers);
        if (pairs.Length < _goal.Least || Shorts(pairs)(shift) is not { } shorts) return;
        _goal.Reach(pairs.Length);
        var key = string.Join(' ', pairs.Select(disc => (disc.Hole, disc.Mount)).Order());
        if (!_found.TryGetValue(key, out var found) || found.Shorts > shorts) _found[key] = ([shift], pairs, shorts);
        else if (found.Shorts == shorts && found.Corners.Count < MostCorners) found.Corners.Add(shift);
    }

    private Func<PlanPoint, int?> Shorts(ImmutableArray<Disc> pairs)
    {
        if (_space is not { } space) return _ => 0;
        var met = pairs.Select(disc => disc.Mount).ToArray();
        return shift => space.Shorts(shift, met);
    }

    private void Enter(int disc)
    {
        if (_holeUse[_discs[disc].Hole]++ == 0) _holesIn++;
        if (_mountUse[_discs[disc].Mount]++ == 0) _mountsIn++;
    }

    private void Leave(int disc)
    {
        if (--_holeUse[_discs[disc].Hole] == 0) _holesIn--;
        if (--_mountUse[_discs[disc].Mount] == 0) _mountsIn--;
    }

    private static double Turn(double angle) => angle < 0 ? angle + Whole : angle >= Whole ? angle - Whole : angle;

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
}
