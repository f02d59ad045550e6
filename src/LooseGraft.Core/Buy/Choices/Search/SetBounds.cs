using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>The least that what is decided so far can still become.</summary>
internal sealed class SetBounds
{
    private readonly ChoicePlan _plan;
    private readonly PackCover[] _covers;
    private readonly FreePostage _postage;
    private readonly SharedPrices _prices;
    private readonly (int Acts, int Steps)[] _rest;
    private readonly Dictionary<long[], (long? Covered, double Now)> _asked = new(Amounts<long>.Comparer);

    // Where only one cost beside money is left to weigh within a set, what one more of it may be worth, by what is known of the choices.
    private readonly ChoiceCosts? _axis;
    private ImmutableArray<long> _worth = [0];

    /// <param name="plan">In which order.</param>
    /// <param name="covers">What meets each group.</param>
    /// <param name="postage">The sellers of the set.</param>
    /// <param name="alternatives">What each joint may take.</param>
    /// <param name="isHad">Whether a pack can be had.</param>
    /// <param name="costs">What counts.</param>
    public SetBounds(
        ChoicePlan plan, PackCover[] covers, FreePostage postage, ImmutableArray<Alternative>[] alternatives, Func<int, bool> isHad, ChoiceCosts costs)
    {
        (_plan, _covers, _postage) = (plan, covers, postage);
        var (byActs, bySteps) = (costs.HasFlag(ChoiceCosts.Acts), costs.HasFlag(ChoiceCosts.Minutes));
        _axis = byActs == bySteps ? null : byActs ? ChoiceCosts.Acts : ChoiceCosts.Minutes;
        _prices = new SharedPrices(plan, isHad, alternatives, byActs ? way => way.Acts : way => way.Steps);
        _rest = new (int, int)[plan.Stages.Length + 1];
        for (var stage = plan.Stages.Length - 1; stage >= 0; stage--)
        {
            _rest[stage] = plan.Stages[stage].Joint is not { } joint || alternatives[joint].IsEmpty ? _rest[stage + 1]
                : (_rest[stage + 1].Acts + alternatives[joint].Min(way => way.Acts), _rest[stage + 1].Steps + alternatives[joint].Min(way => way.Steps));
        }
    }

    /// <summary>Learns from the choices that are known what one act or step more may be worth.</summary>
    public void Learn(KnownCosts known)
    {
        _worth = _axis is null ? [0] : [0, .. known.Worths()];
        _prices.Learn(_worth);
    }

    /// <summary>What a choice that begins so costs at least; null where the set does not have all that it takes.</summary>
    /// <param name="label">What is decided.</param>
    /// <param name="stage">The stage that comes next.</param>
    public long? Least(ChoiceLabel label, int stage) => Goods(label, stage, 0) is { } least ? WithParcels(label, least) : null;

    /// <summary>The same with the sellers whose postage it may still save, and what it costs at least; null where nothing that begins so can be better than
    /// what is known.</summary>
    /// <param name="label">What is decided.</param>
    /// <param name="stage">The stage that comes next.</param>
    /// <param name="known">What is known.</param>
    public (ChoiceLabel Label, long Least)? Weighed(ChoiceLabel label, int stage, KnownCosts known)
    {
        if (Goods(label, stage, 0) is not { } goods) return null;
        var least = WithParcels(label, goods);
        if (IsBeaten(label, stage, least, known)) return null;
        var saving = 0;
        for (var slot = 0; slot < _postage.Count; slot++)
        {
            if (!IsBeaten(label, stage, least + _postage.MoreToSave(slot, label.Cost, goods, label.Goods), known)) saving |= 1 << slot;
        }

        return (label with { Saving = saving }, least);
    }

    // What everything costs at least without postage, and what each act or step of what is still to be decided is worth. There are two ways to count what is
    // shared: by what packs for it cost as it stands, or by a price for each piece of it.
    private long? Goods(ChoiceLabel label, int stage, int worth)
    {
        if (!_asked.TryGetValue(label.Asked, out var asked)) asked = _asked[label.Asked] = (Covered(label.Asked), _prices.Now(label.Asked));
        if (asked.Covered is not { } covered) return null;
        var rest = _prices.Rest(label, stage)[worth];
        var counted = Math.Max(covered + rest.Apart, asked.Now + rest.All);
        // A little less, so that what a double rounds away cannot count.
        return double.IsPositiveInfinity(counted) ? null : label.Cost + (long)Math.Floor(counted * (1 - 1e-12));
    }

    private long WithParcels(ChoiceLabel label, long goods) => goods + _postage.Always + _postage.Least(label.Cost, goods, label.Goods);

    private bool IsBeaten(ChoiceLabel label, int stage, long least, KnownCosts known)
    {
        var (acts, steps) = (label.Acts + _rest[stage].Acts, label.Steps + _rest[stage].Steps);
        if (known.IsBeaten(acts, steps, least)) return true;
        if (_axis is null) return false;
        // What costs less money later costs acts or steps: for each number of them the choice must cost more than is known, by one worth of them or another.
        var so = _axis == ChoiceCosts.Acts ? label.Acts : label.Steps;
        var bounds = new long[_worth.Length];
        for (var at = 0; at < bounds.Length; at++)
        {
            if (Goods(label, stage, at) is not { } goods) return true;
            bounds[at] = Math.Max(at == 0 ? least : 0, WithParcels(label, goods) + (_worth[at] * so));
        }

        return known.IsBeatenAlong(acts + steps, count =>
        {
            var most = 0L;
            for (var at = 0; at < bounds.Length; at++) most = Math.Max(most, bounds[at] - (_worth[at] * count));
            return most;
        });
    }

    // Of a group that is bought for nothing is asked any more.
    private long? Covered(long[] asked)
    {
        var least = 0L;
        foreach (var group in _plan.Stages.Select(stage => stage.Group).OfType<int>())
        {
            if (_covers[group].Least(_plan.OpenOf(group, asked)) is not { } cover) return null;
            least += cover;
        }

        return least;
    }
}
