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

    /// <summary>By how many kelvins the instrument may be off.</summary>
    public double Error => HeatToolFact.Of(Reading.Tool).Kelvins;

    /// <summary>By how many kelvins it may lie beyond what is worked out: the instrument's error, and air that is not quite mixed.</summary>
    public double Margin { get; init; }

    /// <summary>Whether it is hotter than anything that is worked out.</summary>
    public bool IsHotter => Expected is { } range && Reading.Hot.Value > range.High.Value + Margin;

    /// <summary>Whether it is cooler.</summary>
    public bool IsCooler => Expected is { } range && Reading.Hot.Value < range.Low.Value - Margin;
}
