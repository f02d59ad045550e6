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
public sealed record TakeSchool(string Joint, JointMethod Method, ValueList<Conductor> Wires, ValueList<LeadTie> Ties, string Plan, string? Because)
    : JointEdit(Joint)
{
    /// <summary>Takes a plan over.</summary>
    public static TakeSchool Of(string joint, SchoolPlan plan, string? because)
        => new(joint, plan.Review.Joint.Method, plan.Review.Joint.Wires, plan.Review.Joint.Ties, plan.Words, because);

    protected override Joint Change(Joint joint)
        => joint with { Method = Method, Wires = Wires, Ties = Ties, Reason = Because is null ? Plan : $"{Plan}: {Because}" };

    protected override string What => $"decided: {Plan}";
}
