using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Says of what wire a lead is made; null for what is not known.</summary>
public sealed record SetWire(string Joint, int? Awg, Millimetres? Length) : JointEdit(Joint)
{
    protected override string What => (Awg, Length) switch
    {
        ({ } awg, { } length) => $"made of {length} of {awg} AWG",
        ({ } awg, null) => $"made of {awg} AWG",
        (null, { } length) => $"{length} long",
        _ => "made of unknown wire",
    };

    protected override Joint Change(Joint joint) => joint with { Awg = Awg, Length = Length };
}
