using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Brings the board of a known donor in, with what its old case did. Where there is a donor's board already, it is of one more donor.</summary>
/// <param name="Donor">The donor.</param>
/// <param name="Board">Its board, doubted where it may be of another revision.</param>
/// <param name="IsSure">Whether the revision is read off the board.</param>
public sealed record BringDonor(KnownDonor Donor, Part Board, bool IsSure) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        string? of = null;
        if (graft.Parts.Any(graft.Donors().First().GaveBoard))
            (graft, of) = AddDonor.To(graft, new Machine(Donor.Model) { Kind = Donor.Kind });
        else if (graft.Parts.IsEmpty)
            graft = graft with { Donor = graft.Donor with { Name = Donor.Model, Kind = Donor.Kind } };
        var name = FreeName.Of(Board.Name, called => graft.Parts.Any(part => part.Name.Equals(called, StringComparison.OrdinalIgnoreCase)));
        graft = graft with
        {
            Parts = graft.Parts.Add((Board with
            {
                Id = GraftEdits.FreshId(Board.Id, graft.Parts.Select(part => part.Id)),
                Name = name,
                BoardRevision = new Known<string>(Donor.Revision, IsSure ? Evidence.Label : Evidence.Assumed),
            }).From(PartOrigin.Donor, of)),
        };
        return Donor.OldCase.Where(answer => graft.FindDonor(of)!.AnswerTo(answer.Duty) is null)
            .Aggregate(graft, (with, answer) => with.WithAnswer(of, answer));
    }

    public override string Words(Graft graft) => $"{Donor.Model}, revision {Donor.Revision}{(IsSure ? "" : " or another")}: board and old case brought in";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
