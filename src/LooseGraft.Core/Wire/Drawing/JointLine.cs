namespace LooseGraft.Core.Wire.Drawing;

/// <summary>One wire of a joint's drawing.</summary>
/// <param name="Contact">What it joins and what comes of it.</param>
/// <param name="Start">Its end at the fixed half.</param>
/// <param name="End">Its end at the half brought to it.</param>
public sealed record JointLine(JointContact Contact, PointMm Start, PointMm End);
