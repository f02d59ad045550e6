using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Takes a donor out that is not the first, with what its case did and what its bare board showed. Its parts stay: where they come from is open
/// again.</summary>
/// <param name="Donor">Its id.</param>
public sealed record RemoveDonor(string Donor) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with
    {
        OtherDonors = graft.OtherDonors.RemoveAll(donor => donor.Id == Donor),
        Parts = [.. graft.Parts.Select(part => part.Donor == Donor ? part with { Origin = null, Donor = null } : part)],
        Observations = graft.Observations.RemoveAll(seen => seen.Donor == Donor),
    };

    public override string Words(Graft graft) => $"{graft.NameOfDonor(Donor)} taken out; where its parts come from is open";

    public override string Standing(Graft graft) => graft.NameOfDonors();
}
