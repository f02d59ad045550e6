using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Schools;

/// <summary>Puts the three schools side by side and says which we would take.</summary>
public static class SchoolAdvisor
{
    // What weighs first: that nothing dies, then that everything needed works, then what works at all, then what can be taken back, then proof, money, time.
    private static readonly (Func<SchoolPlan, decimal> Weight, Func<SchoolPlan, SchoolPlan, string> Words)[] Criteria =
    [
        (plan => plan.WouldDamage ? 1 : 0, (_, other) => $"“{other.Words}” would still destroy something"),
        (plan => plan.NeededLost.Length, (_, other) => $"“{other.Words}” leaves unserved what is needed: {other.NeededLost[0]}"),
        (plan => plan.Lost.Length, (_, other) => $"it keeps {string.Join(", ", other.Lost)}, which “{other.Words}” loses"),
        (plan => plan.IrreversibleActs,
            (best, other)
            => best.IrreversibleActs == 0
            ? $"all of it can be taken back; with “{other.Words}” {other.Irreversible.First()}"
            : $"less of it is for good than with “{other.Words}”"),
        (plan => -(int)plan.Evidence, (best, other) => $"it rests on better facts ({best.Evidence.Words()}) than “{other.Words}”"),
        (plan => plan.Price.Likely, (best, other) => $"it costs {best.Price}, and “{other.Words}” {other.Price}, with nothing else in its favour"),
        (plan => (decimal)plan.Time.Likely.Value, (best, other) => $"it takes {best.Time.Likely}, and “{other.Words}” {other.Time.Likely}"),
    ];

    /// <summary>Compares the schools for a joint.</summary>
    /// <param name="graft">The graft, for adapters that lie in it.</param>
    /// <param name="review">The joint as it stands.</param>
    public static SchoolAdvice Of(Graft graft, JointReview review)
    {
        // Work is counted from the plug as the shell has it, whatever has been decided since.
        var untouched = JointJudge.Review(review.Joint with { Method = JointMethod.Straight, Wires = [], Ties = [], Tests = [] }, review.From, review.To);
        var plans = new SchoolPlans(graft, untouched);
        var all = Enum.GetValues<JointSchool>().Select(school => (School: school, Made: plans.Of(school))).ToArray();
        var made = all.Select(entry => entry.Made.Plan).OfType<SchoolPlan>().ToImmutableArray();
        var ranked = Criteria.Skip(1).Aggregate(made.OrderBy(Criteria[0].Weight), (order, criterion) => order.ThenBy(criterion.Weight)).ToArray();
        return new SchoolAdvice(made, [.. all.Where(entry => entry.Made.Plan is null).Select(entry => (entry.School, entry.Made.Why))],
            ranked.FirstOrDefault(plan => !plan.WouldDamage), Because(ranked));
    }

    /// <summary>A joint as it was decided, with the work that this takes; null while it is only pushed on, or left off. What it costs is not counted.</summary>
    public static SchoolPlan? AsDecided(JointReview review) => SchoolPlans.AsDecided(review);

    private static string Because(SchoolPlan[] ranked) => ranked switch
    {
        [] => "no school has a plan: describe more of the two ports first",
        [{ WouldDamage: true }, ..] => "every school would destroy something as the facts stand: leave it off, or prove them",
        [_] => "no other school has a plan",
        [var best, var other, ..]
            => Criteria.FirstOrDefault(criterion => criterion.Weight(best) < criterion.Weight(other)) is { Words: { } words }
            ? words(best, other)
            : "it is the simplest",
    };
}
