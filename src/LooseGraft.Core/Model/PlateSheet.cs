using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A plate that there is: its size, and its cut-outs as one looks at its outside, from its left lower corner.</summary>
/// <param name="Width">How wide it is.</param>
/// <param name="Height">How tall it is.</param>
/// <param name="Cuts">Its cut-outs.</param>
public sealed record PlateSheet(Millimetres Width, Millimetres Height, ValueList<PlanRectangle> Cuts)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
