using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>One output of a supply.</summary>
/// <param name="Output">The voltage it gives.</param>
/// <param name="Limit">The most it may carry without end.</param>
public sealed record Rail(Signal Output, Known<Amps> Limit)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>The voltage it gives.</summary>
    public Volts Voltage => Output.SupplyVoltage ?? throw new InvalidOperationException($"A rail gives a supply voltage, not {Output.Name}.");

    /// <summary>The name builders use.</summary>
    public string Name => Output.Name;
}
