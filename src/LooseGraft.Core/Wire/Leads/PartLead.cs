using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>A lead or an adapter that is a part of its own and whose wires are described, and how far its meter sheet is.</summary>
/// <param name="Part">The part.</param>
/// <param name="Sheet">Its meter sheet with what was read.</param>
/// <param name="Unseen">Wires that the sheet cannot find open.</param>
public sealed record PartLead(Part Part, ImmutableArray<SheetLine<InnerEnd>> Sheet, ImmutableArray<(InnerEnd One, InnerEnd Other)> Unseen)
{
    /// <summary>Whether a part is such a lead.</summary>
    public static bool Is(Part part) => part.Kind is PartKind.Lead or PartKind.Adapter && part.Links.Any(link => link.Kind == LinkKind.Wire);

    /// <summary>Whether a part leads from one of its ports to another, nobody described how, and it is said to come out of a machine or a bin, or from
    /// somebody's hands. Of one of which nothing is said its labels are taken for what a works sells.</summary>
    public static bool IsUndescribed(Part part)
        => part.Kind is PartKind.Lead or PartKind.Adapter && part.Ports.Length > 1 && part.Links.IsEmpty
            && (part.Making == PartMaking.ByHand || (part.Making is null && part.Origin is PartOrigin.Donor or PartOrigin.Shell or PartOrigin.Bin));

    /// <summary>The lead that a part is; null when it is none.</summary>
    public static PartLead? Of(Part part)
    {
        if (!Is(part)) return null;
        var sheet = MeterSheets.Of(part);
        return new PartLead(part, sheet.With(part.Tests), sheet.Unseen);
    }

    /// <summary>Who made it: as said, or as it follows from where the part comes from; null where either could have.</summary>
    public PartMaking? Making => Part.Making
        ?? (Part.Origin is PartOrigin.Bought or PartOrigin.ToBuy ? PartMaking.Bought : null);

    /// <summary>Whether its sheet is to be read before power. Of what a works made only what was read counts.</summary>
    public bool IsDemanded => Making != PartMaking.Bought;

    /// <summary>How many lines are still to be read.</summary>
    public int OpenLines => Sheet.Count(line => line.IsRight is null);

    /// <summary>A line that reads otherwise than it must; null when none does.</summary>
    public SheetLine<InnerEnd>? Wrong => Sheet.FirstOrDefault(line => line.IsRight == false);

    /// <summary>Whether nothing more is asked of it.</summary>
    public bool IsSettled => Wrong is null && (!IsDemanded || OpenLines == 0);
}
