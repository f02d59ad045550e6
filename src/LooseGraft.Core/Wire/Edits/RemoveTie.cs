using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Takes a tie out of a joint.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="Index">The tie's place in the joint's list, from 0.</param>
public sealed record RemoveTie(string Joint, int Index) : JointEdit(Joint)
{
    protected override Joint Change(Joint joint) => Index >= 0 && Index < joint.Ties.Length ? joint with { Ties = joint.Ties.RemoveAt(Index) } : joint;

    protected override string What => "a tie taken out";
}
