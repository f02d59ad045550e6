using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Meters;

/// <summary>What an instrument is asked to measure.</summary>
/// <param name="Mode">What it is set to.</param>
/// <param name="Port">The port.</param>
/// <param name="Red">The position under the red probe.</param>
/// <param name="Black">The position under the black probe; null on the ground of the machine.</param>
/// <param name="Power">Whether power is applied.</param>
/// <param name="Act">What is done to the switch behind it.</param>
public sealed record MeterRequest(MeterMode Mode, PortId Port, int Red, int? Black, PowerState Power, SwitchAct Act);
