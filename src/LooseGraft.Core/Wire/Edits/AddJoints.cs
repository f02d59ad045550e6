using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Suggesting;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Brings several pairs of ports together, each as it is until another method is chosen.</summary>
public sealed record AddJoints(ValueList<LikelyJoint> Pairs) : GraftEdit
{
    public override Graft Apply(Graft graft) => Pairs.Aggregate(graft, (made, pair) => new AddJoint(pair.From, pair.To).Apply(made));

    public override string Words(Graft graft) => Pairs is [var only]
        ? new AddJoint(only.From, only.To).Words(graft)
        : $"{Pairs.Length.Counted("new joint")}: {string.Join(", ", Pairs.Select(pair => graft.NameOf(pair.From)))}";

    public override string Standing(Graft graft) => graft.Joints.Length.Counted("joint");
}
