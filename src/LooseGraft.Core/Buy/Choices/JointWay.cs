using System.Collections.Immutable;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Schools;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>One way in which a joint could be made.</summary>
/// <param name="Review">The joint, were it made so.</param>
/// <param name="Plan">The plan of the school that it is; null for a joint that stays as it was decided.</param>
/// <param name="IsAsDecided">Whether it is how the joint is decided already.</param>
public sealed record JointWay(JointReview Review, SchoolPlan? Plan, bool IsAsDecided)
{
    /// <summary>What is done, in a line.</summary>
    public string Words => Plan?.Words ?? "as it stands";

    /// <summary>How many of its acts cannot be taken back.</summary>
    public int Acts => Plan?.IrreversibleActs ?? 0;

    /// <summary>What cannot be taken back.</summary>
    public ImmutableArray<string> Irreversible => [.. Plan?.Irreversible ?? []];
}
