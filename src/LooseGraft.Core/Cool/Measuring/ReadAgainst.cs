using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Measuring;

/// <summary>A reading beside what is worked out for it.</summary>
/// <param name="Reading">The reading.</param>
/// <param name="Standing">How it stands to that.</param>
public sealed record ReadAgainst(HeatReading Reading, ReadStanding Standing)
{
    /// <summary>What is worked out for the graft as it is; null for nothing.</summary>
    public Spread<Celsius>? Expected { get; init; }

    /// <summary>What would be with the factors that fit all readings best; null where it does not count.</summary>
    public Celsius? Fitted { get; init; }

    /// <summary>By how many kelvins it may be off.</summary>
    public double Error => HeatToolFact.Of(Reading.Tool).Kelvins;

    /// <summary>Whether it is hotter than anything that is worked out.</summary>
    public bool IsHotter => Expected is { } range && Reading.Hot.Value > range.High.Value + Error;

    /// <summary>Whether it is cooler.</summary>
    public bool IsCooler => Expected is { } range && Reading.Hot.Value < range.Low.Value - Error;
}
