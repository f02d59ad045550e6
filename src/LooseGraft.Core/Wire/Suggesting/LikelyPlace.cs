using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Suggesting;

/// <summary>Where on a header a loose lead probably belongs.</summary>
internal static class LikelyPlace
{
    /// <summary>A new joint with its plug, if that is a loose lead, where it needs no tool; otherwise straight on.</summary>
    /// <param name="graft">The graft, without the joint.</param>
    /// <param name="joint">The joint, whose ports are there.</param>
    public static Joint Of(Graft graft, Joint joint)
    {
        var (from, to) = (End(graft, joint.From), End(graft, joint.To));
        if (to.Port.PositionCount > PlugPlaces.MostLoose || from.Port.PositionCount < to.Port.PositionCount) return joint;
        return PlugPlaces.WithoutTool(from, to, Taken(graft, joint)) is { } place
            ? joint with { PinOneOn = place.PinOneOn, TurnDegrees = place.TurnDegrees } : joint;
    }

    /// <summary>Positions of a joint's fixed port that other joints lie on.</summary>
    public static IReadOnlySet<int> Taken(Graft graft, Joint joint)
        => graft.Joints.Where(other => other.Id != joint.Id && other.Method != JointMethod.LeaveOff && (other.From == joint.From || other.To == joint.From))
            .SelectMany(other => Meetings(graft, other).Select(wire => other.From == joint.From ? wire.From : wire.To)).ToHashSet();

    private static IEnumerable<Conductor> Meetings(Graft graft, Joint joint)
    {
        if (joint.Method != JointMethod.Straight) return joint.Wires;
        if (graft.FindPort(joint.From) is not { } from || graft.FindPort(joint.To) is not { } to) return [];
        var mating = new Mating(from, to);
        return mating.Meetings(mating.Intended(joint));
    }

    private static JointEnd End(Graft graft, PortId port) => new(graft.FindPart(port.Part)!, graft.FindPort(port)!);
}
