using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core;

/// <summary>The guided first graft: a fan on a board that is not its own. Which step one is at follows from the graft, so that undo goes a step back, and who
/// goes another way is met there.</summary>
public static class FirstGraft
{
    /// <summary>How many steps there are.</summary>
    public const int Steps = 5;

    // The practice board that it is done on.
    private const string Practice = "first-fan";

    private static readonly PortId _header = new("dm2", "fan");

    /// <summary>The step that a graft is at; null when it is not the guided one, or was changed into something else.</summary>
    public static GuideStep? Of(Review review)
    {
        if (review.Graft.Practice != Practice || review.Graft.FindPort(_header) is not { } header) return null;
        if (review.Wire.Joints.FirstOrDefault(joint => joint.From.Id == _header || joint.To.Id == _header) is not { } joint)
            return new GuideStep(1, "Bring the fan's plug to the header", "the plug is a usual one and the header its maker's own: press “Judge these”, and read what"
                + " would happen before anything is pushed on", Subject.Whole, Stage.Wire);
        var here = new JointSubject(joint.Joint.Id);
        if (joint.Verdict.Kind is JointVerdictKind.WouldDamage or JointVerdictKind.NeedsGoBetween or JointVerdictKind.MoveWires or JointVerdictKind.LeftOff)
            return new GuideStep(2, "Do not push it on: move its terminals", $"as it is decided it {joint.Verdict.Words}. Under “Three ways to do it” the one in the"
                + " middle moves the terminals in the housing: press its “Do it this way”", here, Stage.Wire);
        if (Unproven(header, SignalFamily.Ground) is { } ground)
            return new GuideStep(3, "Prove the ground", "a diagram said where it is, and diagrams burn boards. A practice meter stands ready: press “Measure”, look at"
                + " what it shows, and “Write it down”", new PinSubject(_header, ground), Stage.Prove);
        if (Unproven(header, SignalFamily.Supply) is { } supply)
            return new GuideStep(4, "Prove the +12 V", "now the contact that feeds the fan, with the machine on: “Measure”, look at what it shows, and “Write it down”",
                new PinSubject(_header, supply), Stage.Prove);
        return new GuideStep(Steps, "That was a graft. Now your own", $"the joint: {joint.Verdict.Words}. Undo takes any step back, History shows them all, and"
            + " the shelf throws this one away", here, null);
    }

    private static int? Unproven(Port header, SignalFamily family)
        => header.Pins.FirstOrDefault(pin => pin.Signal.Value.Family == family && pin.Signal.Evidence < Evidence.Measured)?.Position;
}
