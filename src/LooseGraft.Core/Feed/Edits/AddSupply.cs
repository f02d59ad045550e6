using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Puts a supply in by its label. A part of that name that can be one is taken for it.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Label">What its label says; id and part are made anew.</param>
public sealed record AddSupply(string Name, Supply Label) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        var part = graft.FindPart(GraftEdits.FreshId(Name, [])) is { Kind: PartKind.Supply or PartKind.Brick or PartKind.Converter } same
            ? same
            : new Part(GraftEdits.FreshId(Name, graft.Parts.Select(found => found.Id)), Name, PartKind.Supply);
        var supply = Label with { Id = GraftEdits.FreshId(Name, graft.Supplies.Select(found => found.Id)), Part = part.Id };
        return graft with { Parts = graft.Parts.Contains(part) ? graft.Parts : graft.Parts.Add(part), Supplies = graft.Supplies.Add(supply) };
    }

    public override string Words(Graft graft) => $"New supply {Name}";

    public override string Standing(Graft graft) => $"{graft.Supplies.Length} supplies";
}
