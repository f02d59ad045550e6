using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Finds the choices that nothing beats among those that buy of one set of sellers, each of whom is paid a parcel.</summary>
/// <remarks>Joint by joint and group by group, what is decided so far is kept unless something else decided so far is no worse by any cost and asks for no
/// more: exact. What cannot beat the choices known already, even if all that is left costs its least, is dropped.</remarks>
internal sealed class SetSearch
{
    // More at once would take more memory than a page may; those that would cost least are kept, and the gap is said.
    private const int MostLabels = 60_000;

    // How many of each number of acts and minutes are followed where only some good choices are wanted, and how many in all.
    private const int Greed = 2;
    private const int MostGreedy = 60;

    private readonly ChoicePlan _plan;
    private readonly ChoiceCosts _costs;
    private readonly ChoiceWork _work;
    private readonly FreePostage _postage;
    private readonly PackCover[] _covers;
    private readonly ImmutableArray<Alternative>[] _alternatives;
    private readonly SetBounds _bounds;

    /// <param name="plan">In which order.</param>
    /// <param name="set">The sellers that may be asked, as bits.</param>
    /// <param name="costs">What counts.</param>
    /// <param name="work">What it may do.</param>
    public SetSearch(ChoicePlan plan, int set, ChoiceCosts costs, ChoiceWork work)
    {
        (_plan, Set, _costs, _work) = (plan, set, costs, work);
        var problem = plan.Problem;
        _postage = new FreePostage(problem, set);
        _covers = [.. plan.Groups.Needs.Select((needs, group) => new PackCover(problem, _postage, needs,
            [.. plan.Groups.Packs[group].Where(IsHad)], work))];
        Days = DaysOf(problem, set);
        _alternatives = [.. problem.Joints.Select(AlternativesOf)];
        _bounds = new SetBounds(plan, _covers, _postage, _alternatives, IsHad, costs);

        bool IsHad(int pack) => problem.Packs[pack].Stock > 0 && (problem.Packs[pack].Seller is not { } seller || (set & (1 << seller)) != 0);
    }

    /// <summary>The sellers, as bits.</summary>
    public int Set { get; }

    /// <summary>Days until the last parcel of the set is here.</summary>
    public int Days { get; }

    /// <summary>Days until the last parcel of a set of sellers is here.</summary>
    public static int DaysOf(ChoiceProblem problem, int set)
        => problem.Sellers.Index().Where(seller => (set & (1 << seller.Index)) != 0).Select(seller => seller.Item.Days).DefaultIfEmpty(0).Max();

    /// <summary>The least that any choice of this set can cost; null where the set does not have all that is needed.</summary>
    public long? Floor => Array.Exists(_alternatives, ways => ways.IsEmpty) ? null : _bounds.Least(Start, 0);

    /// <summary>The choices, as far as they are not beaten by what is known; and the least that those cost which were left out for want of room or
    /// time.</summary>
    /// <param name="known">What the choices that take no longer cost at least, by acts and steps of minutes.</param>
    /// <param name="isGreedy">Whether only some good ones are wanted, soon.</param>
    public (ImmutableArray<ChoicePoint> Points, long? LeftOut) Run(KnownCosts known, bool isGreedy = false)
    {
        if (Floor is null) return ([], null);
        if (_work.IsSpent) return ([], Floor);
        _bounds.Learn(known);
        var (labels, leftOut) = (new List<ChoiceLabel> { Start }, (long?)null);
        for (var stage = 0; stage < _plan.Stages.Length && labels.Count > 0; stage++)
        {
            var next = new List<(ChoiceLabel Label, long Least)>();
            foreach (var label in labels)
            {
                foreach (var after in Next(label, stage, isGreedy))
                {
                    if (_work.IsSpent) return ([], Floor);
                    _work.Step();
                    if (_bounds.Weighed(after, stage + 1, known) is { } weighed) next.Add(weighed);
                }
            }

            var kept = isGreedy ? Best(next) : LabelFront.Of(next, _postage);
            if (kept.Count > MostLabels)
            {
                kept.Sort((one, other) => one.Least.CompareTo(other.Least));
                leftOut = Least(leftOut, kept[MostLabels].Least);
                kept.RemoveRange(MostLabels, kept.Count - MostLabels);
            }

            labels = [.. kept.Select(each => each.Label)];
        }

        // Where one of the sellers sells nothing, the same is found among those that buy of the others. Spent over the last packs, not all are known.
        return ([.. labels.Select(PointOf).OfType<ChoicePoint>()], _work.IsSpent ? Floor : leftOut);
    }

    // For every number of acts and minutes the few that could become cheapest.
    private static List<(ChoiceLabel Label, long Least)> Best(List<(ChoiceLabel Label, long Least)> labels)
        => [.. labels.GroupBy(each => (each.Label.Acts, each.Label.Steps)).SelectMany(same => same.OrderBy(each => each.Least).Take(Greed))
            .OrderBy(each => each.Least).Take(MostGreedy)];

    private static long? Least(long? one, long? other) => one is { } left && other is { } right ? Math.Min(left, right) : one ?? other;

    private ChoiceLabel Start
    {
        get
        {
            var (asked, once) = _plan.Start();
            return ChoiceLabel.Start(_postage.Count, asked) with { Once = once };
        }
    }

    private IEnumerable<ChoiceLabel> Next(ChoiceLabel label, int stage, bool isQuick)
        => _plan.Stages[stage] is { Joint: { } joint } ? _alternatives[joint].Select(way => Decided(label, stage, joint, way))
            : _plan.Stages[stage].Group is { } group ? Covers(group, label, isQuick).Select(option => Covered(label, group, option))
            : [];

    private ImmutableArray<CoverOption> Covers(int group, ChoiceLabel label, bool isQuick)
        => _plan.OpenOf(group, label.Asked) is var open && isQuick ? _covers[group].Quick(open) : _covers[group].Of(open);

    private ChoiceLabel Decided(ChoiceLabel label, int stage, int joint, Alternative way)
    {
        var (asked, once) = _plan.After(label.Asked, label.Once, way.Asks);
        return new ChoiceLabel(label.Acts + way.Acts, label.Steps + way.Steps, label.Cost + way.Cost, Sum(label.Goods, way.Goods), asked,
            _plan.StillShared(once, stage + 1), label,
            new ChoiceStep(joint, way.Way, way.Packs));
    }

    private ChoiceLabel Covered(ChoiceLabel label, int group, CoverOption option)
    {
        var asked = (long[])label.Asked.Clone();
        foreach (var need in _plan.Groups.Needs[group]) asked[need] = 0;
        return label with
        {
            Cost = label.Cost + option.Cost,
            Goods = Sum(label.Goods, option.Goods),
            Asked = asked,
            Before = label,
            Last = new ChoiceStep(null, 0, option.Packs),
        };
    }

    private ChoicePoint? PointOf(ChoiceLabel label)
    {
        var problem = _plan.Problem;
        var packs = new int[problem.Packs.Length];
        var ways = new int[problem.Joints.Length];
        foreach (var step in label.Taken)
        {
            if (step.Joint is { } joint) ways[joint] = step.Way;
            foreach (var (pack, count) in step.Packs) packs[pack] += count;
        }

        var (parcels, added) = _postage.Settle(label.Goods, pack => packs[pack]);
        foreach (var pack in added) packs[pack]++;
        var asked = packs.Index().Where(pack => pack.Item > 0 && problem.Packs[pack.Index].Seller is not null)
            .Aggregate(0, (set, pack) => set | (1 << problem.Packs[pack.Index].Seller!.Value));
        return asked != Set ? null : new ChoicePoint(ways.Index().Sum(way => problem.Joints[way.Index][way.Item].Acts),
            ways.Index().Sum(way => problem.Joints[way.Index][way.Item].Steps), Days, label.Cost + _postage.Always + parcels, [.. ways], [.. packs]);
    }

    private ImmutableArray<Alternative> AlternativesOf(ImmutableArray<ChoiceWay> ways)
    {
        var all = ways.SelectMany((way, index) => AlternativesOf(way, index)).ToArray();
        return [.. all.Where((one, index) => !all.Index().Any(other => other.Index != index && other.Item.IsNoWorseThan(one, _postage)
            && (other.Index < index || !one.IsNoWorseThan(other.Item, _postage))))];
    }

    // A way together with the packs of what only its joint needs.
    private IEnumerable<Alternative> AlternativesOf(ChoiceWay way, int index)
    {
        var acts = _costs.HasFlag(ChoiceCosts.Acts) ? way.Acts : 0;
        var steps = _costs.HasFlag(ChoiceCosts.Minutes) ? way.Steps : 0;
        var start = new Alternative(index, acts, steps, 0, new long[_postage.Count],
            [.. ChoiceAsk.Together(way.Asks.Where(ask => !_plan.IsOwn(ask.Need)))], []);
        return way.Asks.Where(ask => _plan.IsOwn(ask.Need)).GroupBy(ask => _plan.Groups.Of(ask.Need)).Aggregate(
            (IEnumerable<Alternative>)[start], (made, asks) => made.SelectMany(each => OptionsFor(asks.Key, Open(asks.Key, asks))
                .Select(option => each with
                {
                    Cost = each.Cost + option.Cost,
                    Goods = Sum(each.Goods, option.Goods),
                    Packs = each.Packs.AddRange(option.Packs),
                })));
    }

    // Where the work was spent over it, the least that it can cost stands for it: then only the floor is asked for.
    private ImmutableArray<CoverOption> OptionsFor(int group, int[] open)
    {
        var options = _covers[group].Of(open);
        return !_work.IsSpent ? options : _covers[group].Least(open) is { } least ? [new CoverOption(least, new long[_postage.Count], [])] : [];
    }

    private int[] Open(int group, IEnumerable<ChoiceAsk> asks)
    {
        var asked = new long[_plan.Problem.Needs];
        foreach (var ask in ChoiceAsk.Together(asks)) asked[ask.Need] += ask.Amount;
        return _plan.OpenOf(group, asked);
    }

    private static long[] Sum(long[] one, long[] other)
    {
        if (one.Length == 0) return one;
        var sum = (long[])one.Clone();
        for (var slot = 0; slot < sum.Length; slot++) sum[slot] += other[slot];
        return sum;
    }
}
