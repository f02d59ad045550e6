using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Suggesting;

/// <summary>Two ports that probably belong together. Whether they may meet is what the joint's verdict says, once it is one.</summary>
/// <param name="From">The port that is fixed.</param>
/// <param name="To">The port that is brought to it.</param>
public sealed record LikelyJoint(PortId From, PortId To)
{
    /// <summary>Whether the one goes on the other as they are; otherwise they only serve the same purpose.</summary>
    public bool GoesOn { get; init; }
}
