using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A mounting hole of a board, looking at its component side.</summary>
/// <param name="X">Millimetres from the processor-side edge, growing towards the slots.</param>
/// <param name="Y">Millimetres from the rear edge, growing to the front.</param>
/// <param name="Diameter">Millimetres across.</param>
public sealed record MountHole(double X, double Y, Millimetres Diameter)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
