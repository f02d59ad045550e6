using System.Collections.Immutable;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Adapters;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>A graft's choice in bare numbers, and what they stand for.</summary>
/// <param name="Problem">The numbers.</param>
/// <param name="Joints">The ways of each joint.</param>
/// <param name="Rows">The needs.</param>
/// <param name="Stocks">The packs.</param>
/// <param name="Kept">What is asked by joints that stay as they are.</param>
internal sealed record ChoiceDraft(
    ChoiceProblem Problem, ImmutableArray<ImmutableArray<JointWay>> Joints, IReadOnlyList<Need> Rows, ChoiceStocks Stocks,
    ImmutableArray<(Joint Joint, ChoiceAsk Ask)> Kept)
{
    // Time at the bench counts in steps of so many minutes.
    private const int MinutesInStep = 5;

    /// <summary>Puts a graft into numbers.</summary>
    /// <param name="graft">The graft as it is in use.</param>
    /// <param name="review">Its review, seen from what is owned.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static ChoiceDraft Of(Graft graft, Review review, ReviewWork work)
    {
        var marked = graft.Buying.Marks.Select(mark => mark.Need).ToHashSet();
        var lines = review.Buy.Basket.Value.Lines;
        var rows = new ChoiceRows(marked.Contains);
        var owned = Adapter.In(graft).ToArray();
        var joints = work.Each(graft.Joints, "joint").Select(joint => review.Wire.Find(joint.Id)).OfType<JointReview>()
            .Select(joint => JointWays.Of(graft, joint, IsBoughtFor(joint))).ToImmutableArray();
        var kept = joints.Where(ways => ways.Length == 1)
            .SelectMany(ways => AsksOf(ways[0], 0).Select(ask => (ways[0].Review.Joint, ask))).ToImmutableArray();
        var given = kept.Select(each => each.ask).ToList();
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
            open, rows.Needs, stocks, kept);

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

    /// <summary>What a choice costs in millionths, beside what nobody has.</summary>
    public long CostOf(ChoicePoint point)
        => point.Money - point.Packs.Index().Sum(pack => Stocks.Packs[pack.Index].Source.IsNowhere ? pack.Item * Stocks.Packs[pack.Index].Pack.Cost : 0);

    /// <summary>Of how many sellers it buys.</summary>
    public int ParcelsOf(ChoicePoint point)
        => point.Packs.Index().Where(pack => pack.Item > 0).Select(pack => Stocks.Packs[pack.Index].Pack.Seller).OfType<int>().Distinct().Count();

    /// <summary>The joints that ask for something, or could.</summary>
    public IEnumerable<Joint> Asking => Joints.Select(ways => ways[0].Review.Joint).Concat(Kept.Select(each => each.Joint).Distinct());

    /// <summary>The same without a joint, were it left off.</summary>
    public ChoiceProblem Without(Joint joint)
        => Joints.Index().FirstOrDefault(ways => ways.Item[0].Review.Joint.Id == joint.Id) is { Item.IsDefault: false } open
            ? Problem with { Joints = Problem.Joints.SetItem(open.Index, [new ChoiceWay(0, 0, [])]) }
            : Problem with { Fixed = [.. Kept.Where(each => each.Joint.Id != joint.Id).Select(each => each.Ask), .. Problem.Fixed.Skip(Kept.Length)] };

    /// <summary>The ways of each open joint, with what they need.</summary>
    public ImmutableArray<ImmutableArray<OpenWay>> Open
    {
        get
        {
            var had = Stocks.Packs.Where(pack => !pack.Source.IsNowhere).SelectMany(pack => pack.Pack.Contents).SelectMany(content => content.Needs)
                .ToHashSet();
            return [.. Joints.Select((ways, joint) => ways.Select((way, index) => Open(way, Problem.Joints[joint][index])).ToImmutableArray())];

            OpenWay Open(JointWay way, ChoiceWay bare)
            {
                var needs = bare.Asks.Select(ask => ask.Need).Distinct().ToArray();
                return new OpenWay(way, [.. needs.Select(need => Rows[need])], [.. needs.Where(need => !had.Contains(need)).Select(need => Rows[need])]);
            }
        }
    }

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
        var key = FormattableString.Invariant($"{point.Money}-{point.Days}-{point.Acts}-{point.Steps}");
        return new ChosenSet(key, [.. point.Ways.Select((way, joint) => Joints[joint][way])], [.. sacks],
            [.. PicksOf(point)],
            [.. taken.Where(each => each.Source.IsNowhere).Select(each => Rows[each.Pack.Contents[0].Needs[0]])],
            point.Days >= ChoiceStocks.DaysUnknown ? null : point.Days, point.Acts, point.Steps * MinutesInStep);
    }

    // What is bought anyway is given out first, so that the bin keeps what it can. Only groups of needs for which the bin gives something are looked at.
    private IEnumerable<BinPick> PicksOf(ChoicePoint point)
    {
        var wanted = Problem.PiecesFor(point.Ways);
        return Enumerable.Range(0, Groups.Count)
            .Where(group => Groups.Packs[group].Any(pack => point.Packs[pack] > 0 && Stocks.Packs[pack].Source.Owned is not null))
            .SelectMany(group => PicksOf(point, wanted, group));
    }

    private IEnumerable<BinPick> PicksOf(ChoicePoint point, int[] wanted, int group)
    {
        var needs = Groups.Needs[group].ToArray();
        var contents = Groups.Packs[group].Where(pack => point.Packs[pack] > 0)
            .SelectMany(pack => Stocks.Packs[pack].Pack.Contents.Select(content => (Stocks.Packs[pack].Source.Owned, content.Needs,
                Count: (int)Math.Min(int.MaxValue / 4, (long)content.Count * point.Packs[pack]))))
            .OrderBy(content => content.Owned is not null).ToArray();
        var gifts = Allotment.Of([.. contents.Select(content => content.Count)], [.. needs.Select(need => wanted[need])],
            (stock, place) => contents[stock].Needs.Contains(needs[place]) ? FitGrade.Fits : FitGrade.No);
        return from gift in gifts
               where contents[gift.Stock].Owned is not null
               select new BinPick(contents[gift.Stock].Owned!, Rows[needs[gift.Need]], gift.Amount);
    }

    private PackGroups Groups => field ??= new PackGroups(Problem);
}
