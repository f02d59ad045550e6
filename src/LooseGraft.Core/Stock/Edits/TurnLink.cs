using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Exchanges the two legs of something inside a part that lies the wrong way round.</summary>
/// <param name="Part">The part.</param>
/// <param name="Index">The link's place in the part's list, from 0.</param>
public sealed record TurnLink(string Part, int Index) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => Index < 0 || Index >= part.Links.Length ? part : part with
    {
        Links = [.. part.Links.Index().Select(link => link.Index == Index ? link.Item with { One = link.Item.Other, Other = link.Item.One } : link.Item)],
    });

    public override string Words(Graft graft)
        => $"{graft.NameOf(Part)}: {graft.FindPart(Part)?.Links.ElementAtOrDefault(Index)?.Words ?? "a link"} inside turned round";

    public override string Standing(Graft graft) => graft.FindPart(Part)?.Links.ElementAtOrDefault(Index) is { } link
        ? $"it leads from {link.One} to {link.Other}" : "it is not there any more";
}
