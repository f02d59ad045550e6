using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Switches;

/// <summary>One beep or silence between two legs.</summary>
/// <param name="One">A leg, counted from 1.</param>
/// <param name="Other">Another leg.</param>
/// <param name="Act">What was done to the switch meanwhile.</param>
/// <param name="Joined">Whether the two were joined.</param>
public sealed record LegReading(int One, int Other, SwitchAct Act, bool Joined);
