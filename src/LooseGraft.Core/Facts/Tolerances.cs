using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>How far voltages may be off, as a share of what they should be.</summary>
public static class Tolerances
{
    /// <summary>Of a positive rail: ±5 % on +12, +5, +3.3 V and +5 V standby (ATX12V power supply design guide). Supplies within it count as the
    /// same.</summary>
    public const double Rail = 0.05;

    /// <summary>Of a negative rail: ±10 % on −12 V (ATX12V power supply design guide).</summary>
    public const double NegativeRail = 0.10;

    /// <summary>Of a logic level: beyond it an input may be overdriven; typical inputs bear about a tenth above their supply (makers' data sheets, common
    /// practice).</summary>
    public const double LogicLevel = 0.10;

    /// <summary>Of a rail of that nominal voltage.</summary>
    public static double Of(Volts nominal) => nominal < Volts.Zero ? NegativeRail : Rail;
}
