using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Schools;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Makes a joint as one of the schools would.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="Method">Its method then.</param>
/// <param name="Wires">Its wires.</param>
/// <param name="Ties">Its ties.</param>
/// <param name="Plan">What is done, in words.</param>
/// <param name="Because">Why this one is advised; null when another is.</param>
/// <param name="PinOneOn">Position of the header on which position 1 of the plug lies, where it is pushed on.</param>
/// <param name="TurnDegrees">How far the plug is turned then.</param>
public sealed record TakeSchool(
    string Joint, JointMethod Method, ValueList<Conductor> Wires, ValueList<LeadTie> Ties, string Plan, string? Because, int PinOneOn, int TurnDegrees)
    : JointEdit(Joint)
{
    /// <summary>Takes a plan over.</summary>
    public static TakeSchool Of(string joint, SchoolPlan plan, string? because)
    {
        var made = plan.Review.Joint;
        return new TakeSchool(joint, made.Method, made.Wires, made.Ties, plan.Words, because, made.PinOneOn, made.TurnDegrees);
    }

    protected override Joint Change(Joint joint)
        => joint with
        {
            Method = Method,
            Wires = Wires,
            Ties = Ties,
            PinOneOn = PinOneOn,
            TurnDegrees = TurnDegrees,
            Reason = Because is null ? Plan : $"{Plan}: {Because}",
        };

    protected override string What => $"decided: {Plan}";
}
