using System.Collections.Immutable;

namespace LooseGraft.Core.Wire.Schools;

/// <summary>The three schools side by side for one joint.</summary>
/// <param name="Plans">A plan for each school that has one, in the order of the schools.</param>
/// <param name="Without">Why the others have none.</param>
/// <param name="Recommended">The one we would take; null when no school has a plan that destroys nothing.</param>
/// <param name="Because">Why.</param>
public sealed record SchoolAdvice(
    ImmutableArray<SchoolPlan> Plans, ImmutableArray<(JointSchool School, string Why)> Without, SchoolPlan? Recommended, string Because)
{
    /// <summary>The plan of a school; null when it has none.</summary>
    public SchoolPlan? Of(JointSchool school) => Plans.FirstOrDefault(plan => plan.School == school);
}
