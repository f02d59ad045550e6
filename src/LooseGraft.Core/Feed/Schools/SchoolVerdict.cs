using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Schools;

/// <summary>What one school says of a supply.</summary>
/// <param name="School">The school.</param>
/// <param name="Needed">What it says is needed, in watts of output; null when it has nothing to go on.</param>
/// <param name="Has">What the supply gives in all.</param>
/// <param name="Evidence">What its number rests on.</param>
/// <param name="Words">How the number came about, or what is missing.</param>
public sealed record SchoolVerdict(FeedSchool School, Spread<Watts>? Needed, Watts? Has, Evidence Evidence, string Words)
{
    /// <summary>What of it gates: more than the supply gives, and it does not do.</summary>
    public Watts? Gating { get; init; } = Needed?.Likely;

    /// <summary>Whether it says that the supply will do; null when it has nothing to go on.</summary>
    public FeedVerdict? Verdict => Needed is { } needed && Has is { } has
        ? Gating > has ? FeedVerdict.DoesNotCarry : needed.High > has ? FeedVerdict.MayNotCarry : FeedVerdict.Carries
        : null;
}
