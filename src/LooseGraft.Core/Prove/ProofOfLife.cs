using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>What counts as proof that the donor's bare board lives.</summary>
public static class ProofOfLife
{
    /// <summary>Whether a part is the board that the graft is about.</summary>
    public static bool IsDonorBoard(Part part) => part is { Kind: PartKind.Board, Origin: PartOrigin.Donor };

    /// <summary>
    /// The verdict: alive when the last look for a picture or an answer was a success, no sign when it was a failure. Fans and lights alone prove
    /// nothing: a board with a dead processor turns its fans too.
    /// </summary>
    public static LifeVerdict Verdict(Graft graft)
        => graft.Observations.LastOrDefault(seen => seen.Watched == WatchPoint.Picture) switch
        {
            null => LifeVerdict.NotProven,
            { WasSeen: true } => LifeVerdict.Alive,
            _ => LifeVerdict.NoSign,
        };
}
