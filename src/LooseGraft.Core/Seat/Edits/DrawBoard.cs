using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Exchange;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Takes the outline and the holes of a board out of a drawing.</summary>
public sealed record DrawBoard(string Part, ReadSheet Sheet) : GraftEdit
{
    // A wider circle is no mounting hole.
    private const double WidestMm = 20;

    private ValueList<MountHole> Holes
        => [.. Sheet.Circles.Where(circle => circle.Radius * 2 <= WidestMm).Select(circle => Hole(Sheet.FromCorner(circle.Middle), circle.Radius * 2))];

    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with
    {
        Holes = Holes,
        Body = Sheet.Outlines.IsEmpty
            ? part.Body
            : (part.Body ?? new PartBody([], Evidence.Diagram)) with { Outline = Sheet.Outline(Sheet.Outlines[0]), Evidence = Evidence.Diagram },
    });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} from a drawing: {Holes.Length.Counted("hole")}{Sheet.NotesInWords}";

    public override string Standing(Graft graft) => (graft.FindPart(Part)?.Holes.Length ?? 0).Counted("hole");

    private static MountHole Hole(PlanPoint at, double wide) => new(at.X, at.Y, new Millimetres(Math.Round(wide, 2)));
}
