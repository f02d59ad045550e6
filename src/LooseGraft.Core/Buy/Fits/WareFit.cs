using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Wire.Adapters;

namespace LooseGraft.Core.Buy.Fits;

/// <summary>Holds what is owned or offered against what is needed.</summary>
public static class WareFit
{
    private static readonly ILookup<string, Adapter> Uses = Adapter.Sold.ToLookup(adapter => adapter.Part.Id);

    /// <summary>Whether a ware will do for a need.</summary>
    /// <param name="need">The need.</param>
    /// <param name="ware">What is owned or offered.</param>
    /// <param name="word">Who says that it fits, where somebody has to be believed.</param>
    public static FitGrade Of(Need need, Ware ware, FitWord word) => (need, ware.Kind) switch
    {
        ({ GoBetween: { } work }, WareKind.ForJoint) => work.Joint.Joint.Id == ware.Word ? Said(word) : FitGrade.No,
        ({ GoBetween: { } work }, WareKind.Part)
            => Uses[ware.Word].ToArray() is { Length: > 0 } uses && work.IsDoneBy(uses) ? FitGrade.Fits : FitGrade.No,
        ({ Part: { } part }, WareKind.ForPart) => part.Id == ware.Word ? Said(word) : FitGrade.No,
        ({ Part: { } part }, WareKind.Part)
            => ware.Template is { } template && PartLikeness.IsAlike(part, TemplatePart.MakePart(template, template.Id, template.Name))
            ? FitGrade.Fits : FitGrade.No,
        ({ GoBetween: not null } or { Part: not null }, _) => FitGrade.No,
        // Where nobody read the gauge that it guards, no fuse is known to guard it.
        (_, WareKind.Fuse) when need.Ware is { Kind: WareKind.Fuse, Amps: null } => FitGrade.ProveFirst,
        _ => ware.Meets(need.Ware) ? FitGrade.Fits : FitGrade.No,
    };

    // A list of the maker's is a document; anybody else may be mistaken, or mean another revision.
    private static FitGrade Said(FitWord word) => word == FitWord.MakersList ? FitGrade.Fits : FitGrade.ProveFirst;
}
