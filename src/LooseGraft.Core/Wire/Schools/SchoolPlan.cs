using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire.Schools;

/// <summary>What one school would do with a joint, and what that costs.</summary>
/// <param name="School">The school.</param>
/// <param name="Words">What is done, in a line.</param>
/// <param name="Parts">What is bought or taken from the bin.</param>
/// <param name="PartsPrice">What that costs.</param>
/// <param name="Acts">The work.</param>
/// <param name="Review">The joint, were it made so.</param>
/// <param name="Risk">What may go wrong, and what that rests on.</param>
public sealed record SchoolPlan(
    JointSchool School, string Words, ImmutableArray<string> Parts, PriceSpan PartsPrice, ImmutableArray<PlannedAct> Acts, JointReview Review, string Risk)
{
    /// <summary>Money for parts and what the work uses up.</summary>
    public PriceSpan Price => Acts.Aggregate(PartsPrice, (sum, act) => sum + act.Act.PriceFor(act.Count));

    /// <summary>Time at the bench, the meter sheet included.</summary>
    public Spread<Minutes> Time => Acts.Aggregate(Spread<Minutes>.Exactly(new Minutes(0)), (sum, act) => sum + act.Act.TimeFor(act.Count));

    /// <summary>Tools it takes.</summary>
    public IEnumerable<string> Tools => Acts.SelectMany(act => act.Act.Tools).Distinct();

    /// <summary>What one should be able to do.</summary>
    public IEnumerable<string> Skills => Acts.Select(act => act.Act.Skill).Where(skill => skill != "none").Distinct();

    /// <summary>What cannot be taken back.</summary>
    public IEnumerable<string> Irreversible => Acts.Select(act => act.Act.Irreversible).OfType<string>().Distinct();

    /// <summary>How many acts cannot be taken back.</summary>
    public int IrreversibleActs => Acts.Where(act => act.Act.Irreversible is not null).Sum(act => act.Count);

    /// <summary>Functions that are lost.</summary>
    public ImmutableArray<string> Lost { get; } = Losses.Of(Review);

    /// <summary>What is needed and stays unserved.</summary>
    public ImmutableArray<string> NeededLost { get; } = Losses.Needed(Review);

    /// <summary>Whether something would still be destroyed.</summary>
    public bool WouldDamage => Review.Verdict.Kind == JointVerdictKind.WouldDamage;

    /// <summary>The weakest fact it rests on.</summary>
    public Evidence Evidence
        => Review.Decided.Where(contact => contact.Judgement.Outcome != ContactOutcome.Idle).Select(contact => contact.Judgement.Evidence).Weakest();
}
