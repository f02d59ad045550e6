using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>What joints that are still to be decided must pay of what they share, at least: so that no choice is thought cheaper than it can become.</summary>
/// <remarks>
/// A piece pays its part of the pack that gives the most of it for its price, and shares that with all that the pack serves: the prices are a feasible
/// solution of the dual of covering, so their sum never exceeds what the packs cost. What is bought whole by the first that asks is paid by those in
/// equal parts that may still ask.
/// </remarks>
internal sealed class SharedPrices
{
    private readonly ChoicePlan _plan;
    private readonly double[] _each;
    private readonly Dictionary<(int Stage, UInt128 Wholes, UInt128 Once), (double Apart, double All)[]> _rest = [];
    private ImmutableArray<long> _worths = [0];
    private readonly ImmutableArray<Alternative>[] _alternatives;
    private readonly Func<Alternative, int> _axis;

    // By stage: of each need that any pack meets whole, and of each thing asked for once, how many joints may still ask.
    private readonly int[][] _asking;
    private readonly Dictionary<(int Need, int Once), int>[] _sharing;

    /// <param name="plan">In which order.</param>
    /// <param name="packs">Whether a pack can be had.</param>
    /// <param name="alternatives">What each joint may take.</param>
    /// <param name="axis">The acts or steps of a way, where one more of them is worth something.</param>
    public SharedPrices(ChoicePlan plan, Func<int, bool> packs, ImmutableArray<Alternative>[] alternatives, Func<Alternative, int> axis)
    {
        (_plan, _alternatives, _axis) = (plan, alternatives, axis);
        var problem = plan.Problem;
        _each = new double[problem.Needs];
        Array.Fill(_each, double.PositiveInfinity);
        foreach (var pack in problem.Packs.Index().Where(pack => packs(pack.Index)).Select(pack => pack.Item))
        {
            var served = pack.Contents.SelectMany(content => content.Needs).Distinct().ToArray();
            foreach (var need in served)
            {
                var count = pack.Contents.Where(content => content.Needs.Contains(need)).Sum(content => content.Count);
                _each[need] = Math.Min(_each[need], pack.Cost / (double)served.Length / (plan.IsWhole(need) ? 1 : count));
            }
        }

        _asking = new int[plan.Stages.Length + 1][];
        _sharing = new Dictionary<(int, int), int>[plan.Stages.Length + 1];
        (_asking[^1], _sharing[^1]) = (new int[problem.Needs], []);
        for (var stage = plan.Stages.Length - 1; stage >= 0; stage--)
        {
            (_asking[stage], _sharing[stage]) = (_asking[stage + 1], _sharing[stage + 1]);
            if (plan.Stages[stage].Joint is not { } joint) continue;
            (_asking[stage], _sharing[stage]) = ((int[])_asking[stage].Clone(), new(_sharing[stage]));
            var asks = alternatives[joint].SelectMany(way => way.Asks).ToArray();
            foreach (var need in asks.Select(ask => ask.Need).Distinct()) _asking[stage][need]++;
            foreach (var ask in asks.Where(ask => ask.Once is not null).DistinctBy(ask => (ask.Need, ask.Once)))
                _sharing[stage][(ask.Need, ask.Once!.Value)] = _sharing[stage].GetValueOrDefault((ask.Need, ask.Once.Value)) + 1;
        }
    }

    /// <summary>What is asked already of needs that are not bought for, by these prices.</summary>
    public double Now(long[] asked)
    {
        var sum = 0.0;
        for (var need = 0; need < asked.Length; need++)
        {
            if (asked[need] > 0) sum += _plan.IsWhole(need) ? _each[need] : _each[need] * asked[need] / ChoiceProblem.Unit;
        }

        return sum;
    }

    /// <summary>What the joints from a stage on must pay beside what is asked already, for each worth of acts or steps: first if only that counts which no pack
    /// for what is asked already could hold, then if everything does.</summary>
    /// <param name="label">What is asked already.</param>
    /// <param name="stage">The stage.</param>
    public (double Apart, double All)[] Rest(ChoiceLabel label, int stage)
    {
        // It depends on what is asked whole or once alone, and there is little of that.
        var key = (stage, _plan.WholesIn(label.Asked), label.Once);
        if (_rest.TryGetValue(key, out var known)) return known;
        var sums = new (double Apart, double All)[_worths.Length];
        for (var at = stage; at < _plan.Stages.Length; at++)
        {
            if (_plan.Stages[at].Joint is not { } joint) continue;
            var ways = _alternatives[joint].Select(way => (Way: way, Apart: way.Asks.Sum(ask => Share(ask, label, stage, isApart: true)),
                All: way.Asks.Sum(ask => Share(ask, label, stage, isApart: false)))).ToArray();
            for (var index = 0; index < sums.Length; index++)
            {
                var worth = _worths[index];
                sums[index].Apart += ways.Min(way => way.Way.Cost + (worth * _axis(way.Way)) + way.Apart);
                sums[index].All += ways.Min(way => way.Way.Cost + (worth * _axis(way.Way)) + way.All);
            }
        }

        return _rest[key] = sums;
    }

    /// <summary>Learns what acts or steps may be worth; nothing is the first.</summary>
    public void Learn(ImmutableArray<long> worths)
    {
        _worths = worths;
        _rest.Clear();
    }

    private double Share(ChoiceAsk ask, ChoiceLabel label, int stage, bool isApart)
    {
        if (_plan.IsWhole(ask.Need))
            return label.Asked[ask.Need] > 0 || (isApart && !_plan.IsAlone(ask.Need)) ? 0 : _each[ask.Need] / _asking[stage][ask.Need];
        if (isApart) return 0;
        var price = _each[ask.Need] * ask.Amount / ChoiceProblem.Unit;
        if (ask.Once is not { } once || _plan.BitOf(ask.Need, once) is not { } bit) return price;
        return (label.Once & (UInt128.One << bit)) != 0 ? 0 : price / _sharing[stage][(ask.Need, once)];
    }
}
