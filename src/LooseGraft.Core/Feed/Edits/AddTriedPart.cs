using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Puts in what a what-if has tried: a part that is meant to be fed at one place.</summary>
/// <param name="Template">The sort of part.</param>
/// <param name="Draws">What it takes.</param>
/// <param name="Way">Where it shall hang.</param>
public sealed record AddTriedPart(PartTemplate Template, ValueList<Draw> Draws, MeantWay Way) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (LoadPlace.Kept(graft, Way) is not { } way) return graft;
        var with = TemplatePart.Add(graft, Template, Template.Name, PartOrigin.ToBuy, null);
        var part = with.Parts[^1].Id;
        return with with
        {
            Loads = [.. with.Loads.Where(load => load.Part != part),
                new Load(GraftEdits.FreshId(part, graft.Loads.Select(load => load.Id)), part)
                {
                    Draws = Draws,
                    Meant = way,
                }],
        };
    }

    public override string Words(Graft graft) => $"{Template.Name} added, after a what-if";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
