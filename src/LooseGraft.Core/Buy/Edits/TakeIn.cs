using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Writes down what came of an order: what is a part of the graft is bought now, what is left over goes into the bin.</summary>
/// <param name="Order">The order.</param>
/// <param name="Arrival">What came.</param>
public sealed record TakeIn(Order Order, Arrival Arrival) : GraftEdit
{
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
                                                           PaidEach = Each(ordered) is { Amount: > 0 } paid ? paid : null,
                                                           Currency = Order.Currency,
                                                       }];

    public override Graft Apply(Graft graft)
        => Arrival.Lines.Where(line => line.Line < Order.Lines.Length).Aggregate(graft, (arriving, line)
            => line.Parts.Aggregate(arriving, (each, id) => each.FindPart(id) is not { Origin: PartOrigin.ToBuy } ? each
                : each.WithPart(id, part => part.From(PartOrigin.Bought, null) with { Cost = Cost(Order.Lines[line.Line]) })));

    public override string Words(Graft graft)
    {
        var (right, wrong) = (Arrival.Lines.Sum(line => line.Right), Arrival.Lines.Sum(line => line.Wrong));
        var nothing = Arrival.IsLast ? "nothing more comes" : Arrival.Back == Money.Zero ? "put where it belongs" : "money was given back";
        var came = right + wrong == 0 ? nothing : wrong == 0 ? $"{right.Counted("pack")} came" : $"{right} right and {wrong} wrong came";
        return $"{graft.Buying.FindSeller(Order.Seller)?.Name ?? Order.Name}: {came}";
    }

    public override string Standing(Graft graft)
        => $"{graft.Parts.Count(part => part.Origin == PartOrigin.ToBuy).Counted("part")} to buy";

    // What of the price of a pack falls on one of the pieces in it; postage and tax stay with the order.
    private static Money Each(OrderLine line) => new(decimal.Round(line.Price.Amount / Math.Max(1, line.Contents.Sum(content => content.Count)), 2));

    private Money Cost(OrderLine line) => new(decimal.Round(Each(line).Amount * Order.Rate, 2, MidpointRounding.AwayFromZero));
}
