using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Orders;

/// <summary>Finds parts of a graft among what is in packs.</summary>
internal static class ArrivedParts
{
    /// <summary>What of a pack a part is; null for none.</summary>
    public static OfferContent? ContentFor(Part part, ValueList<OfferContent> contents)
        => contents.FirstOrDefault(content => content.Ware.Kind == WareKind.ForPart && content.Ware.Word == part.Id)
            ?? contents.FirstOrDefault(content => content.Ware.Template?.Kind == part.Kind);
}
