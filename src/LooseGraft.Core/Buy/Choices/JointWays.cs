using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Leads;
using LooseGraft.Core.Wire.Schools;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>The ways in which the joints of a graft could be made.</summary>
internal static class JointWays
{
    /// <summary>The ways of a joint, one or more: how it was decided, and what the schools would do. Those that would destroy something are none, nor those
    /// that lose more than it does as it was decided, or than another where nothing was. A joint that was made already, that is left off, or for which
    /// something is bought or promised, stays as it is.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="review">The joint.</param>
    /// <param name="isBoughtFor">Whether something is here or on its way for it.</param>
    public static ImmutableArray<JointWay> Of(Graft graft, JointReview review, bool isBoughtFor)
    {
        var joint = review.Joint;
        var asDecided = new JointWay(review, SchoolAdvisor.AsDecided(review), IsAsDecided: true);
        if (isBoughtFor || joint.Method == JointMethod.LeaveOff || !joint.Tests.IsEmpty) return [asDecided];
        var isDecided = MadeLead.IsMade(joint) && review.Verdict.Kind != JointVerdictKind.WouldDamage;
        var plans = SchoolAdvisor.Of(graft, review).Plans.Where(plan => !plan.WouldDamage)
            .Select(plan => new JointWay(plan.Review, plan, IsSame(plan.Review.Joint, joint))).ToArray();
        var ways = isDecided && !Array.Exists(plans, way => way.IsAsDecided) ? [asDecided, .. plans] : plans;
        if (ways.Length == 0) return [asDecided];
        var most = isDecided ? LostBy(asDecided) : ways.Min(LostBy);
        return [.. ways.Where(way => LostBy(way).CompareTo(most) <= 0)];
    }

    private static (int Needed, int All) LostBy(JointWay way) => (Losses.Needed(way.Review).Length, Losses.Of(way.Review).Length);

    private static bool IsSame(Joint one, Joint other)
        => one.Method == other.Method && one.PinOneOn == other.PinOneOn && one.TurnDegrees == other.TurnDegrees
            && one.Wires.ToHashSet().SetEquals(other.Wires) && one.Ties.ToHashSet().SetEquals(other.Ties);
}
