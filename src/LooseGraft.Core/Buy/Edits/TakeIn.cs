using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Writes down what came of an order: what is a part of the graft is bought now, what is left over goes into the bin.</summary>
/// <param name="Order">The order.</param>
/// <param name="Arrival">What came.</param>
public sealed record TakeIn(Order Order, Arrival Arrival) : GraftEdit
{
    // What nothing can cost less than.
    private const decimal Least = 0.01m;

    public override RecordKind? Happened => RecordKind.Arrival;

    public override bool HappensAlone => true;

    public override BenchRecord Recorded(BenchRecord record) => record with { Arrival = Arrival };

    public override ValueList<OwnedThing> ToBin => [.. from line in Arrival.Lines
                                                       where line.Line < Order.Lines.Length
                                                       let ordered = Order.Lines[line.Line]
                                                       from content in line.ToBin
                                                       select new OwnedThing("", ordered.What, content.Ware, content.Count)
                                                       {
                                                           Condition = ordered.Condition,
                                                           PaidEach = Each(ordered, content.Ware) is { Amount: > 0 } paid ? paid : null,
                                                           Currency = Order.Currency,
                                                       }];

    public override Graft Apply(Graft graft)
        => Arrival.Lines.Where(line => line.Line < Order.Lines.Length).Aggregate(graft, (arriving, line)
            => line.Parts.Aggregate(arriving, (each, id) => each.FindPart(id) is not { Origin: PartOrigin.ToBuy } ? each
                : each.WithPart(id, part => part.From(PartOrigin.Bought, null) with { Cost = Cost(Order.Lines[line.Line], part) })));

    public override string Words(Graft graft)
    {
        var (right, wrong) = (Arrival.Lines.Sum(line => line.Right), Arrival.Lines.Sum(line => line.Wrong));
        var nothing = Arrival.IsLast ? "nothing more comes" : Arrival.Back == Money.Zero ? "put where it belongs" : "money was given back";
        var came = right + wrong == 0 ? nothing : wrong == 0 ? $"{right.Counted("pack")} came" : $"{right} right and {wrong} wrong came";
        return $"{graft.Buying.FindSeller(Order.Seller)?.Name ?? Order.Name}: {came}";
    }

    public override string Standing(Graft graft)
        => $"{graft.Parts.Count(part => part.Origin == PartOrigin.ToBuy).Counted("part")} to buy";

    // What of the price of a pack falls on one piece of a sort in it: as usual prices of the sorts stand to each other; of sorts that have none, what those
    // leave of the price, alike. Postage and tax stay with the order.
    private static Money Each(OrderLine line, Ware? ware)
    {
        var usual = line.Contents.Where(content => content.Ware.Price is not null).Sum(content => content.Count * Weight(content.Ware, 0));
        var others = line.Contents.Where(content => content.Ware.Price is null).Sum(content => content.Count);
        var rest = others == 0 ? 0 : Math.Max(Least, (line.Price.Amount - usual) / others);
        var whole = Math.Max(Least, usual + (rest * others));
        return new Money(decimal.Round(line.Price.Amount * (ware is null ? whole : Weight(ware, rest)) / whole, 2));

        static decimal Weight(Ware each, decimal rest) => each.Price is { } price ? Math.Max(Least, price.Likely) : rest;
    }

    private Money Cost(OrderLine line, Part part)
        => new(decimal.Round(Each(line, ArrivedParts.ContentFor(part, line.Contents)?.Ware).Amount * Order.Rate, 2, MidpointRounding.AwayFromZero));
}
