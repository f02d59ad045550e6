using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what a part is called, what sort of thing it is, where it comes from, what it costs, what else is to be known of it, and in whose place it
/// stands.</summary>
/// <remarks>The donor counts only where it comes out of one.</remarks>
public sealed record DescribePart(
    string Part, string Name, PartKind Kind, PartOrigin? Origin, Money? Cost, string? Note, string? Donor = null, string? InPlaceOf = null) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.FindDonor(Donor) is null || (InPlaceOf is not null && graft.FindPart(InPlaceOf) is null) ? graft
            : graft.WithPart(Part, part => part.From(Origin, Donor) with { Name = Name, Kind = Kind, Cost = Cost, Note = Note, InPlaceOf = InPlaceOf });

    public override string Words(Graft graft)
    {
        if (graft.FindPart(Part) is not { } part) return Name;
        string?[] changed =
        [
            Name == part.Name ? null : $"called {Name}",
            Kind == part.Kind ? null : $"a {StockWords.Word(Kind)}",
            Origin == part.Origin && (Origin != PartOrigin.Donor || Donor == part.Donor) ? null : Said(graft, Origin, Donor),
            Cost == part.Cost ? null : Cost?.In(graft.Currency) ?? "no price",
            InPlaceOf == part.InPlaceOf ? null : Replacing(graft, InPlaceOf),
            Note == part.Note ? null : "its note",
        ];
        return $"{part.Name}: {string.Join(", ", changed.Where(words => words is not null).DefaultIfEmpty("as it was"))}";
    }

    public override string Standing(Graft graft) => graft.FindPart(Part) is { } part
        ? $"{part.Name}, {StockWords.Word(part.Kind)}, {Said(graft, part.Origin, part.Donor)}{(part.Cost is { } cost ? $", {cost.In(graft.Currency)}" : "")}{(part.InPlaceOf is { } replaced ? $", {Replacing(graft, replaced)}" : "")}"
        : $"{Name} is gone";

    private static string Replacing(Graft graft, string? replaced) => replaced is null ? "in nobody's place" : $"in the place of {graft.NameOf(replaced)}";

    private static string Said(Graft graft, PartOrigin? origin, string? donor) => origin switch
    {
        null => "nobody said where from",
        PartOrigin.Donor when !graft.OtherDonors.IsEmpty => $"out of {graft.NameOfDonor(donor)}",
        { } known => StockWords.Word(StockWords.Origins, known),
    };
}
