using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A lead of a supply with one plug or several on it.</summary>
/// <param name="Id">Unique within the supply.</param>
/// <param name="Name">As a builder says it.</param>
public sealed record SupplyLead(string Id, string Name)
{
    /// <summary>Gauge of its wires, an American wire gauge number; 18 where nobody looked.</summary>
    public int Awg { get; init; } = WireGauge.Usual;

    /// <summary>Its length to the last plug; null when not measured.</summary>
    public Millimetres? Length { get; init; }

    /// <summary>Wires side by side for each supply: 1 on a drive string, more on main and processor plugs.</summary>
    public int WiresEach { get; init; } = 1;

    /// <summary>Names of the rails that its wires come from, as far as somebody looked; needed where several rails give one voltage.</summary>
    public ValueList<string> Rails { get; init; } = [];

    /// <summary>Wires side by side for single rails that have another number of them.</summary>
    public ValueList<RailWires> RailWires { get; init; } = [];

    /// <summary>Its plugs.</summary>
    public ValueList<SupplyPlug> Plugs { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
