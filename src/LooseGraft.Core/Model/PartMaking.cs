namespace LooseGraft.Core.Model;

/// <summary>Who made a lead or an adapter.</summary>
public enum PartMaking
{
    /// <summary>Somebody's own hands: it is proven by its meter sheet.</summary>
    ByHand,

    /// <summary>A works that makes many alike.</summary>
    Bought,
}
