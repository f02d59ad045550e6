using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Gives a board the holes and the outline of a standard.</summary>
public sealed record TakePattern(string Part, PartTemplate Standard) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with
    {
        Holes = TemplatePart.MakeHoles(Standard),
        Body = TemplatePart.MakeBody(Standard) is { } body ? (part.Body ?? body) with { Outline = body.Outline, Evidence = Evidence.Document } : part.Body,
    });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} has the holes and outline of a standard board: {Standard.Name}";

    public override string Standing(Graft graft) => (graft.FindPart(Part)?.Holes.Length ?? 0).Counted("hole");
}
