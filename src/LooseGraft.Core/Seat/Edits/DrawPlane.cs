using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Exchange;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Takes the outline of a plane out of a drawing, its circles as mounts, and what is cut into it as openings.</summary>
public sealed record DrawPlane(string Plane, ReadSheet Sheet) : GraftEdit
{
    // What is narrower is a line that somebody drew twice.
    private const double NarrowestMm = 0.1;

    private ValueList<Opening> Openings => [.. Sheet.Outlines.Skip(1).Index().Select(pair => (pair.Index, Area: PlanRectangle.Round(Sheet.Outline(pair.Item))))
        .Where(pair => pair.Area is { Width: >= NarrowestMm, Depth: >= NarrowestMm })
        .Select(pair => new Opening($"cut-{pair.Index + 1}", $"cut {pair.Index + 1}", OpeningKind.Way, PlaneWall.Floor, pair.Area))];

    private ValueList<Mount> Mounts
        => [.. Sheet.Circles.Index()
            .Select(pair => new Mount($"m{pair.Index + 1}", MountKind.Standoff, Sheet.FromCorner(pair.Item.Middle), UsualBoard.Rise)
            {
                Evidence = Evidence.Diagram,
            })];

    public override Graft Apply(Graft graft) => graft.WithSeating(seating => seating.WithPlane(Plane, plane => plane with
    {
        Outline = Sheet.Outlines.IsEmpty ? plane.Outline : Sheet.Outline(Sheet.Outlines[0]),
        Mounts = Mounts,
        Openings = Openings,
    }));

    public override string Words(Graft graft)
        => $"{graft.Seating.FindPlane(Plane)?.Name ?? Plane} from a drawing: {Mounts.Length.Counted("mount")}, {Openings.Length.Counted("opening")}{Sheet.NotesInWords}";

    public override string Standing(Graft graft) => (graft.Seating.FindPlane(Plane)?.Mounts.Length ?? 0).Counted("mount");
}
