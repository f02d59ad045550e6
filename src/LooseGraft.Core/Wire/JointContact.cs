namespace LooseGraft.Core.Wire;

/// <summary>Two positions of a joint that meet, and what comes of it.</summary>
/// <param name="From">Position on the fixed port.</param>
/// <param name="To">Position on the port brought to it.</param>
/// <param name="Judgement">What would happen.</param>
/// <param name="ProveFirst">If the contact is harmless only as long as an unproven fact is true: what would happen otherwise; null when nothing hangs on
/// it.</param>
public sealed record JointContact(int From, int To, ContactJudgement Judgement, ContactJudgement? ProveFirst)
{
    /// <summary>Whether it is right and rests on proof, or on nothing that could do harm.</summary>
    public bool IsSafe => Judgement.Rule is null && ProveFirst is null;
}
