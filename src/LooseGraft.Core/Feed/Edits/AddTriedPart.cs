using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Puts in what a what-if has tried: a part that hangs on one supply.</summary>
/// <param name="Template">The sort of part.</param>
/// <param name="Draws">What it takes.</param>
/// <param name="Supply">The supply it hangs on.</param>
/// <param name="Plug">The plug it takes; null for the supply itself.</param>
public sealed record AddTriedPart(PartTemplate Template, ValueList<Draw> Draws, string Supply, string? Plug) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.Supplies.All(supply => supply.Id != Supply)) return graft;
        var with = TemplatePart.Add(graft, Template, Template.Name, PartOrigin.ToBuy, null);
        var part = with.Parts[^1].Id;
        return with with
        {
            Loads = [.. with.Loads.Where(load => load.Part != part),
                new Load(GraftEdits.FreshId(part, graft.Loads.Select(load => load.Id)), part)
                {
                    Draws = Draws,
                    Meant = new MeantWay(Supply) { Plug = Plug },
                }],
        };
    }

    public override string Words(Graft graft) => $"{Template.Name} added, after a what-if";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
