using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Surveying;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Makes measured places those of a board's holes, and its measured size its outline where it has none.</summary>
/// <param name="Part">The board.</param>
/// <param name="Survey">The places. Points that are called like holes are holes; any other marks something else.</param>
public sealed record TakeSurveyedHoles(string Part, SurveyResult Survey) : GraftEdit
{
    // Of a hole that nobody measured: the usual hole for an M3 screw with a little room.
    private const double UsualHoleMm = 3.6;

    private ValueList<MountHole> Holes => [.. Survey.Holes
        .Select(point => new MountHole(Math.Round(point.At.X, 2), Math.Round(point.At.Y, 2), new Millimetres(Math.Round(point.Diameter ?? UsualHoleMm, 2))))];

    // A described outline has notches that two distances do not tell; it is only given where there is none.
    private PartBody? Square
        => Survey is { Width: { } width, Depth: { } depth }
        ? new PartBody([.. new PlanRectangle(0, 0, Math.Round(width, 1), Math.Round(depth, 1)).Corners], Evidence.Measured)
        : null;

    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Holes = Holes, Body = part.Body ?? Square });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}: {Holes.Length.Counted("hole")} from measured distances";

    public override string Standing(Graft graft) => (graft.FindPart(Part)?.Holes.Length ?? 0).Counted("hole");
}
