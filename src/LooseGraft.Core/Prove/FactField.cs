using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>Which rules a fact can reach.</summary>
public enum FactField
{
    /// <summary>Those of joints and the circuit.</summary>
    Contacts,

    /// <summary>Those of supplies and draws.</summary>
    Feed,

    /// <summary>Those of boards and what they stand on.</summary>
    Seat,
}

/// <summary>How far a fact reaches.</summary>
/// <param name="Field">Which rules.</param>
/// <param name="Port">For a contact, the port it is of.</param>
internal readonly record struct FactScope(FactField Field, PortId? Port);
