using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says that a part takes what parts of a usual sort take, until more is known.</summary>
public sealed record TakeUsualDraws(string Part, PartTemplate Sort) : GraftEdit
{
    // What is known already is not written over.
    public override Graft Apply(Graft graft)
        => graft.FindPart(Part) is not { } part || graft.Loads.Any(load => load.Part == Part && !load.Draws.IsEmpty)
            || UsualDraws.Of(part, Sort) is not { Length: > 0 } draws
            ? graft
            : graft with
            {
                Loads = graft.Loads.FirstOrDefault(load => load.Part == Part) is { } known
                    ? [.. graft.Loads.Select(load => load == known ? load with { Draws = [.. draws] } : load)]
                    : graft.Loads.Add(new Load(GraftEdits.FreshId(Part, graft.Loads.Select(load => load.Id)), Part) { Draws = [.. draws] }),
            };

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} is taken to draw what this sort does: {Sort.Name}";

    public override string Standing(Graft graft)
        => graft.Loads.Where(load => load.Part == Part).Sum(load => load.Draws.Length) is > 0 and var draws ? draws.Counted("draw") : "no draw";
}
