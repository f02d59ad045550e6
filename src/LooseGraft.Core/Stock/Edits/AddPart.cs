using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Puts a part in of which nothing but this is known.</summary>
public sealed record AddPart(string Name, PartKind Kind, PartOrigin Origin, Money? Cost, string? Donor = null) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.FindDonor(Donor) is null ? graft : graft with
        {
            Parts = graft.Parts.Add(
            new Part(GraftEdits.FreshId(Name, graft.Parts.Select(part => part.Id)), Name, Kind) { Cost = Cost }.From(Origin, Donor))
        };

    public override string Words(Graft graft) => $"New part {Name}";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
