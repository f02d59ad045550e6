using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Brings the board of a known donor in, with what its old case did.</summary>
/// <param name="Donor">The donor.</param>
/// <param name="Board">Its board, doubted where it may be of another revision.</param>
/// <param name="IsSure">Whether the revision is read off the board.</param>
public sealed record BringDonor(KnownDonor Donor, Part Board, bool IsSure) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        var answered = graft.OldCase.Select(answer => answer.Duty).ToHashSet();
        return graft with
        {
            Donor = graft.Parts.IsEmpty ? graft.Donor with { Name = Donor.Model, Kind = Donor.Kind } : graft.Donor,
            Parts = graft.Parts.Add(Board with
            {
                Id = GraftEdits.FreshId(Board.Id, graft.Parts.Select(part => part.Id)),
                Origin = PartOrigin.Donor,
                BoardRevision = new Known<string>(Donor.Revision, IsSure ? Evidence.Label : Evidence.Assumed),
            }),
            OldCase = [.. graft.OldCase.Concat(Donor.OldCase.Where(answer => !answered.Contains(answer.Duty))).OrderBy(answer => answer.Duty)],
        };
    }

    public override string Words(Graft graft) => $"{Donor.Model}, revision {Donor.Revision}{(IsSure ? "" : " or another")}: board and old case brought in";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
