using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>One plug on a string of a supply.</summary>
/// <param name="Id">Unique within the string.</param>
/// <param name="Type">The kind of connector.</param>
public sealed record SupplyPlug(string Id, ConnectorType Type)
{
    /// <summary>Which port of the supply's part it is; null where none is described.</summary>
    public string? Port { get; init; }

    /// <summary>Whether it parts in two, so that one half goes into a smaller socket; null when nobody looked.</summary>
    public bool? Parts { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
