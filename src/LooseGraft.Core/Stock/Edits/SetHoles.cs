using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says where the mounting holes of a part are.</summary>
public sealed record SetHoles(string Part, ValueList<MountHole> Holes) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Holes = Holes });

    public override string Words(Graft graft) => $"{Part}: {Holes.Length} mounting holes";

    public override string Standing(Graft graft) => $"{graft.FindPart(Part)?.Holes.Length ?? 0} mounting holes";
}
