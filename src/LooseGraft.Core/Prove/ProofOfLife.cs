using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>What counts as proof that a donor's bare board lives.</summary>
public static class ProofOfLife
{
    /// <summary>The verdict on every donor that gave a board; on the first also while there is no board, and for one that is said to be of no
    /// donor.</summary>
    public static IEnumerable<DonorLife> Of(Graft graft)
    {
        var boards = graft.Parts.Where(part => part.Kind == PartKind.Board).ToArray();
        return from donor in graft.Donors()
               where donor.Id is null ? boards.Length == 0 || boards.Any(board => board.Donor is null) : boards.Any(donor.GaveBoard)
               select new DonorLife(donor.Id, Verdict(graft, donor.Id));
    }

    /// <summary>
    /// The verdict on one: alive when the last look for a picture or an answer was a success, no sign when it was a failure. Fans and lights alone prove
    /// nothing: a board with a dead processor turns its fans too.
    /// </summary>
    /// <param name="graft">The graft.</param>
    /// <param name="donor">The donor's id; null for the first.</param>
    public static LifeVerdict Verdict(Graft graft, string? donor)
        => graft.Observations.LastOrDefault(seen => seen.Watched == WatchPoint.Picture && seen.Donor == donor) switch
        {
            null => LifeVerdict.NotProven,
            { WasSeen: true } => LifeVerdict.Alive,
            _ => LifeVerdict.NoSign,
        };
}
