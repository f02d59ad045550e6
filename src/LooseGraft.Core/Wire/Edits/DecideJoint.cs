using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Decides by which method a joint is made, and why.</summary>
public sealed record DecideJoint(string Joint, JointMethod Method, string? Reason) : JointEdit(Joint)
{
    protected override Joint Change(Joint joint) => joint with { Method = Method, Reason = Reason };

    protected override string What => $"decided: {Method.Words()}";
}
