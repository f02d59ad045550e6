using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>A part that turns watts into heat.</summary>
/// <param name="Part">The part.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Space">Index of the space that it heats; -1 for outside the shell.</param>
/// <param name="IsLoss">Whether it is what a supply loses.</param>
/// <param name="Evidence">Where its watts are known from.</param>
public sealed record HeatSource(string Part, string Name, int Space, bool IsLoss, Evidence Evidence)
{
    /// <summary>Indices of its watts when idle, in ordinary use and at peak.</summary>
    internal (int Idle, int Typical, int Peak) Watts { get; init; }

    /// <summary>The index for a case.</summary>
    internal int At(HeatCase work) => work switch { HeatCase.Idle => Watts.Idle, HeatCase.Typical => Watts.Typical, _ => Watts.Peak };
}
