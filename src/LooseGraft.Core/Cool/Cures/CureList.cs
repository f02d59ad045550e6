using System.Collections.Immutable;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>What would make one thing cooler.</summary>
/// <param name="Of">The thing, as hot as it is.</param>
/// <param name="Cures">What helps, what is free first, then by degrees for money.</param>
/// <param name="Quieter">What makes the shell quieter, and nothing too hot.</param>
/// <param name="Tried">How many changes were tried.</param>
public sealed record CureList(SpotOutlook Of, ImmutableArray<TriedCure> Cures, ImmutableArray<TriedCure> Quieter, int Tried)
{
    /// <summary>Whether only what nobody has proven would keep it under its limit.</summary>
    public bool OnlyToProve => Cures.Any(tried => tried.IsUnder) && Cures.Where(tried => tried.IsUnder).All(tried => tried.Cure.IsToProve);
}
