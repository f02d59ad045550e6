using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what a part is called, what sort of thing it is, where it comes from, what it costs, and what else is to be known of it.</summary>
public sealed record DescribePart(string Part, string Name, PartKind Kind, PartOrigin? Origin, Money? Cost, string? Note) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.WithPart(Part, part => part with { Name = Name, Kind = Kind, Origin = Origin, Cost = Cost, Note = Note });

    public override string Words(Graft graft)
    {
        if (graft.FindPart(Part) is not { } part) return Name;
        string?[] changed =
        [
            Name == part.Name ? null : $"called {Name}",
            Kind == part.Kind ? null : $"a {StockWords.Word(Kind)}",
            Origin == part.Origin ? null : Said(Origin),
            Cost == part.Cost ? null : Cost?.In(graft.Currency) ?? "no price",
            Note == part.Note ? null : "its note",
        ];
        return $"{part.Name}: {string.Join(", ", changed.Where(words => words is not null).DefaultIfEmpty("as it was"))}";
    }

    public override string Standing(Graft graft) => graft.FindPart(Part) is { } part
        ? $"{part.Name}, {StockWords.Word(part.Kind)}, {Said(part.Origin)}{(part.Cost is { } cost ? $", {cost.In(graft.Currency)}" : "")}" : $"{Name} is gone";

    private static string Said(PartOrigin? origin) => origin is { } known ? StockWords.Word(StockWords.Origins, known) : "nobody said where from";
}
