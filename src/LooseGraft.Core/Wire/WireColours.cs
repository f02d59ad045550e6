using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>The colours wires usually have.</summary>
public static class WireColours
{
    /// <summary>The usual colour for a signal: yellow +12, red +5, orange +3.3, blue −12, violet standby, black ground, green supply-on, grey power-good
    /// (ATX12V design guide); white where there is no custom.</summary>
    public static string UsualFor(Signal signal) => (signal.Family, signal.SupplyVoltage?.Value, signal.Name) switch
    {
        (SignalFamily.Ground, _, _) => "black",
        (SignalFamily.Supply, _, _) when signal.IsStandby => "violet",
        (SignalFamily.Supply, > 11 and < 13, _) => "yellow",
        (SignalFamily.Supply, > 4.5 and < 5.5, _) => "red",
        (SignalFamily.Supply, > 3 and < 3.6, _) => "orange",
        (SignalFamily.Supply, < 0, _) => "blue",
        (_, _, "supply-on") => "green",
        (_, _, "power-good") => "grey",
        _ => "white",
    };
}
