using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>A voltage to expect at the open end of a lead when power is first applied, before anything is plugged on.</summary>
/// <param name="Position">Position at the open end.</param>
/// <param name="Nominal">The voltage, against the lead's own ground.</param>
/// <param name="Low">The least that will do.</param>
/// <param name="High">The most that will do.</param>
/// <param name="IsStandby">Whether it is there with the machine off.</param>
public sealed record FirstVoltage(int Position, Volts Nominal, Volts Low, Volts High, bool IsStandby);
