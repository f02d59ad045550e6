namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>So much of a need is asked for.</summary>
/// <param name="Need">Which need, from 0.</param>
/// <param name="Amount">How much, in millionths, above 0.</param>
/// <param name="Once">What it is asked for: two that ask for the same thing of the same need share it. Null for what each needs of its own.</param>
public readonly record struct ChoiceAsk(int Need, long Amount, int? Once = null)
{
    /// <summary>The same asks added up: what is asked for twice for the same thing is asked for once.</summary>
    internal static IEnumerable<ChoiceAsk> Together(IEnumerable<ChoiceAsk> asks)
        => asks.GroupBy(ask => (ask.Need, ask.Once))
            .Select(same => same.Key.Once is null ? same.First() with { Amount = same.Sum(ask => ask.Amount) } : same.First());
}
