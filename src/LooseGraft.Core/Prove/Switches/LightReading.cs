using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove.Switches;

/// <summary>One diode reading between two legs.</summary>
/// <param name="Red">The leg under the red probe.</param>
/// <param name="Black">The leg under the black probe.</param>
/// <param name="Value">What the meter showed.</param>
public sealed record LightReading(int Red, int Black, SpokenReading Value);
