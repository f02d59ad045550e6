
namespace LooseGraft.Core.Wire.Drawing;

/// <summary>Room in a joint's drawing, in shares of its unit.</summary>
/// <param name="Names">For signal names, at either end.</param>
/// <param name="Wires">For wires, between the two halves.</param>
public readonly record struct JointRooms(double Names, double Wires)
{
    /// <summary>As much as names and wires like to have.</summary>
    public static readonly JointRooms Usual = new(4.7, 5);
}
