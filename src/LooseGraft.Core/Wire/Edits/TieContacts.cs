using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Joins two contacts of one end of a joint with each other.</summary>
public sealed record TieContacts(string Joint, LeadTie Tie) : JointEdit(Joint)
{
    protected override Joint Change(Joint joint) => joint with { Ties = [.. joint.Ties.Append(Tie).Distinct()] };

    protected override string What => $"{Tie.One.Position} and {Tie.Other.Position} tied";
}
