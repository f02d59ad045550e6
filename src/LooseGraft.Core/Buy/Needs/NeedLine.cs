using System.Collections.Immutable;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>A need and what there is for it.</summary>
/// <param name="Need">The need.</param>
/// <param name="Mark">What the builder says of it; null for nothing.</param>
/// <param name="FromBin">What is taken from the bin for it.</param>
/// <param name="Ordered">What orders give to it, come or awaited.</param>
/// <param name="Chosen">What chosen offers give to it.</param>
public sealed record NeedLine(Need Need, NeedMark? Mark, ImmutableArray<BinTake> FromBin, ImmutableArray<OrderGift> Ordered, ImmutableArray<Gift> Chosen)
{
    /// <summary>How much of it has no source yet.</summary>
    public int Open => Mark is not null ? 0 : Math.Max(0, Wanted - Chosen.Sum(gift => gift.Count));

    /// <summary>How much neither the bin nor an order gives.</summary>
    public int Wanted => Mark is not null ? 0 : Math.Max(0, Need.Count - FromBin.Sum(take => take.Claim.Count) - Ordered.Sum(gift => gift.Count));

    /// <summary>How it stands.</summary>
    public NeedState State => Mark switch
    {
        { Marking: NeedMarking.There } => NeedState.There,
        { Marking: NeedMarking.LeftOut } => NeedState.LeftOut,
        _ => Open > 0 ? NeedState.Open : Wanted > 0 ? NeedState.Chosen : Ordered.Any(gift => !gift.IsHere) ? NeedState.OnItsWay
            : Ordered.IsEmpty ? NeedState.FromBin : NeedState.Here,
    };
}
