using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Standing;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>For one turn of a board the shifts at which mounts lie under its bare solder.</summary>
internal sealed class SolderSpace
{
    private readonly ImmutableArray<Mount> _mounts;
    private readonly BareSolder _solder;
    private readonly double _tails;

    /// <summary>Prepares it.</summary>
    /// <param name="board">The board, turned, its origin at that of the plane.</param>
    /// <param name="mounts">The mounts of the plane.</param>
    public SolderSpace(SeatedBoard board, IEnumerable<Mount> mounts)
    {
        _tails = board.Underside.Tails;
        _mounts = [.. mounts.Where(mount => mount.CanShort)];
        _solder = new BareSolder(board);
    }

    /// <summary>How many mounts would short a board, those that hold it included.</summary>
    /// <param name="shift">The shift.</param>
    /// <param name="lowest">How high it stands at the least, in millimetres.</param>
    public int Shorts(PlanPoint shift, double lowest)
        => _mounts.Count(mount => lowest - _tails - mount.Height.Value < Beneath.FlexMm - BareSolder.Rim
            && _solder.IsOver(mount.At - shift, mount.Across.Value / 2));

    /// <summary>Adds the lines within a disc of shifts at which a mount begins to lie under solder.</summary>
    public void Add(List<ShiftCurve> curves, PlanPoint middle, double radius)
    {
        foreach (var mount in _mounts)
        {
            var (at, half) = (mount.At, mount.Across.Value / 2);
            var round = half * Shapes.Roundness;
            foreach (var (from, to) in _solder.Sides)
            {
                var (side, length) = (to - from, to.To(from));
                // The solder lies to the left of its sides.
                var outward = new PlanPoint(side.Y / length * round, -side.X / length * round);
                AddNear(new ShiftCurve(at - from - outward, at - to - outward, 0));
            }

            foreach (var corner in _solder.Corners) AddNear(new ShiftCurve(at - corner, default, round));
            foreach (var hole in _solder.Holes) AddNear(new ShiftCurve(at - hole, default, Math.Abs(Underside.FreeRingMm - half)));
        }

        void AddNear(ShiftCurve curve)
        {
            if (curve.Reaches(middle, radius)) curves.Add(curve);
        }
    }
}
