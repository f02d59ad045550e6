using System.Collections.Immutable;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Adapters;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>A graft's choice in bare numbers, and what they stand for.</summary>
/// <param name="Problem">The numbers.</param>
/// <param name="Joints">The ways of each joint.</param>
/// <param name="Rows">The needs.</param>
/// <param name="Stocks">The packs.</param>
internal sealed record ChoiceDraft(
    ChoiceProblem Problem, ImmutableArray<ImmutableArray<JointWay>> Joints, IReadOnlyList<Need> Rows, ChoiceStocks Stocks)
{
    // Time at the bench counts in steps of so many minutes.
    private const int MinutesInStep = 5;

    /// <summary>Puts a graft into numbers.</summary>
    /// <param name="graft">The graft as it is in use.</param>
    /// <param name="review">Its review, seen from what is owned.</param>
    public static ChoiceDraft Of(Graft graft, Review review)
    {
        var marked = graft.Buying.Marks.Select(mark => mark.Need).ToHashSet();
        var lines = review.Buy.Basket.Value.Lines;
        var rows = new ChoiceRows(marked.Contains);
        var owned = Adapter.In(graft).ToArray();
        var joints = graft.Joints.Select(joint => review.Wire.Find(joint.Id)).OfType<JointReview>()
            .Select(joint => JointWays.Of(graft, joint, IsBoughtFor(joint))).ToImmutableArray();
        var given = new List<ChoiceAsk>();
        foreach (var kept in joints.Where(ways => ways.Length == 1)) given.AddRange(AsksOf(kept[0], 0));
        foreach (var need in PartNeeds.Of(graft)) given.AddRange(rows.Ask(need));
        foreach (var (ware, ask) in SeatNeeds.Of(graft, review.Seat).Concat(CoolNeeds.Of(graft)).Concat(FeedNeeds.Of(graft, review.Feed)))
            given.AddRange(rows.Ask(ware, ask.Amount));
        foreach (var own in graft.Buying.OwnNeeds)
            given.AddRange(rows.Ask(new Need($"own {own.Id}", own.Ware, WareWords.Needed(own.Ware, graft), [], own.Count) { Own = own }));
        var open = joints.Where(ways => ways.Length > 1).ToImmutableArray();
        var ways = open.Select(each => each.Select((way, index) => new ChoiceWay(way.Acts,
            (int)Math.Round((way.Plan?.Time.Likely.Value ?? 0) / MinutesInStep, MidpointRounding.AwayFromZero), [.. AsksOf(way, index)])).ToImmutableArray())
            .ToImmutableArray();
        var most = new long[rows.Needs.Count];
        foreach (var ask in given.Concat(ways.SelectMany(each => each.SelectMany(way => way.Asks)))) most[ask.Need] += ask.Amount;
        var stocks = ChoiceStocks.Of(graft, review, rows.Needs, most);
        return new ChoiceDraft(
            new ChoiceProblem(rows.Needs.Count, [.. given], ways, [.. stocks.Sellers.Select(seller => ChoiceStocks.Bare(graft, seller))],
                [.. stocks.Packs.Select(pack => pack.Pack)]),
            open, rows.Needs, stocks);

        bool IsBoughtFor(JointReview joint)
        {
            var keys = JointNeeds.KeysOf(joint.Joint.Id);
            return lines.Any(line => keys.Contains(line.Need.Key) && (line.Mark is not null || !line.Ordered.IsEmpty || !line.FromBin.IsEmpty));
        }

        IEnumerable<ChoiceAsk> AsksOf(JointWay way, int index)
            => (way.Review.Joint.Method == JointMethod.Adapter ? JointNeeds.For(graft, way.Review, owned) : []).SelectMany(need => rows.Ask(need, index))
                .Concat(LeadNeeds.Of(graft, way.Review).SelectMany(each => rows.Ask(each.Ware, each.Amount, each.SharedAt)));
    }

    /// <summary>How many needs a choice leaves without a source.</summary>
    public int MissingIn(ChoicePoint point) => point.Packs.Index().Count(pack => pack.Item > 0 && Stocks.Packs[pack.Index].Source.IsNowhere);

    /// <summary>What a choice stands for.</summary>
    public ChosenSet SetOf(Graft graft, ChoicePoint point)
    {
        var taken = point.Packs.Index().Where(pack => pack.Item > 0)
            .Select(pack => (Stocks.Packs[pack.Index].Source, Stocks.Packs[pack.Index].Pack, Count: pack.Item)).ToArray();
        var sacks = from seller in Stocks.Sellers
                    let lines = taken.Where(each => each.Source.Offer?.Seller == seller.Id).Select(each => new SackLine(each.Source.Offer!, each.Count, [], []))
                        .ToImmutableArray()
                    where !lines.IsEmpty
                    select new Sack(seller, lines, Basket.RateOf(graft, seller));
        return new ChosenSet([.. point.Ways.Select((way, joint) => Joints[joint][way])], [.. sacks],
            [.. taken.Select(each => each.Source.Owned).OfType<OwnedThing>()],
            [.. taken.Where(each => each.Source.IsNowhere).Select(each => Rows[each.Pack.Contents[0].Needs[0]])],
            point.Days >= ChoiceStocks.DaysUnknown ? null : point.Days, point.Acts, point.Steps * MinutesInStep);
    }
}
