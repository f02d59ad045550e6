using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>A change of one joint.</summary>
/// <param name="Joint">Its id.</param>
public abstract record JointEdit(string Joint) : GraftEdit
{
    /// <summary>What is changed, in words.</summary>
    protected abstract string What { get; }

    public sealed override Graft Apply(Graft graft) => graft.WithJoint(Joint, Change);

    public sealed override string Words(Graft graft) => $"Joint {Joint}: {What}";

    public sealed override string Standing(Graft graft) => graft.Joints.FirstOrDefault(joint => joint.Id == Joint) is { } joint
        ? $"{joint.Method.Words()}, {joint.Wires.Length.Counted("wire")}{(joint.Reason is { } reason ? $", {reason}" : "")}"
        : "this joint is not there any more";

    /// <summary>The joint with the change made.</summary>
    protected abstract Joint Change(Joint joint);
}
