using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Edits;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Takes one choice for the whole graft: how its joints are made, what is bought, what is taken from the bin.</summary>
/// <param name="Called">What the choice is called.</param>
/// <param name="Joints">The joints that are made in another way from now on.</param>
/// <param name="Basket">What is bought: nothing else is chosen any more.</param>
/// <param name="FromBin">What is taken from the bin beside what is taken already.</param>
public sealed record TakeChoice(string Called, ValueList<TakeSchool> Joints, ValueList<BasketLine> Basket, ValueList<TakeForNeed> FromBin) : GraftEdit
{
    /// <summary>Takes a choice over.</summary>
    public static TakeChoice Of(string called, ChosenSet set)
        => new(called,
            [.. set.Ways.Where(way => way is { IsAsDecided: false, Plan: not null })
                .Select(way => TakeSchool.Of(way.Review.Joint.Id, way.Plan!, $"the choice “{called}”"))],
            [.. set.Sacks.SelectMany(sack => sack.Lines).Select(line => new BasketLine(line.Offer.Id, line.Packs))],
            [.. set.FromBin.Select(pick => new TakeForNeed(pick.Need.Key, new BinClaim(pick.Thing.Entry, pick.Count), pick.Thing.Name, pick.Thing.PaidEach,
                pick.Thing.Currency))]);

    public override Graft Apply(Graft graft)
        => FromBin.Aggregate(Joints.Aggregate(graft, (made, joint) => joint.Apply(made)), (made, take) => take.Apply(made))
            .WithBuying(buying => buying with { Basket = [.. Basket.Where(line => buying.FindOffer(line.Offer) is not null)] });

    public override string Words(Graft graft)
        => $"Took the choice “{Called}”: {Joints.Length.Counted("joint")} made another way, {Basket.Length.Counted("offer")} in the basket, "
            + $"{FromBin.Length.Counted("thing")} from the bin";

    public override string Standing(Graft graft)
        => $"{graft.Buying.Basket.Length.Counted("offer")} in the basket, {graft.Buying.FromBin.Length.Counted("thing")} taken from the bin";
}
