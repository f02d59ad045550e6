using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Says of what gauge the wires of a lead, a splitter or an adapter are; null for unknown.</summary>
public sealed record SetGauge(string Part, int? Awg) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Awg = Awg });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}: {Words(Awg)}";

    public override string Standing(Graft graft) => graft.FindPart(Part) is { } part ? Words(part.Awg) : "this part is not there any more";

    private static string Words(int? awg) => awg is { } gauge ? $"wires of {gauge} AWG" : "wires of unknown gauge";
}
