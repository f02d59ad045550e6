using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Puts a part of a usual sort in, with what it gives and what it takes.</summary>
public sealed record AddUsualPart(PartTemplate Template, string Name, PartOrigin Origin, Money? Cost, string? Donor = null) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.FindDonor(Donor) is null) return graft;
        var with = TemplatePart.Add(graft, Template, Name, Origin, Cost);
        return with.WithPart(with.Parts[^1].Id, part => part.From(Origin, Donor));
    }

    public override string Words(Graft graft) => $"New part {Name}";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
