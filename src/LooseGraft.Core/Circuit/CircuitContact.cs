using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>A contact as a node of the circuit.</summary>
/// <param name="Index">Its number among all contacts of the circuit, from 0.</param>
/// <param name="Part">The part it is on.</param>
/// <param name="Port">The port it is on.</param>
/// <param name="Pin">What is said of it.</param>
/// <param name="Role">What it is to the circuit.</param>
public sealed record CircuitContact(int Index, Part Part, Port Port, Pin Pin, ContactRole Role)
{
    /// <summary>Its name for others.</summary>
    public ContactId Id => new(new PortId(Part.Id, Port.Id), Pin.Position);

    /// <summary>Its pin with its role.</summary>
    public Terminal Terminal => new(Pin, Part.Kind, Role);

    /// <summary>What it is said to carry. On a conductor that is a label, and no claim.</summary>
    public Signal Signal => Pin.Signal.Value;

    /// <summary>Where what is said of it comes from.</summary>
    public Evidence Evidence => Pin.Signal.Evidence;

    /// <summary>Within one circuit a contact is the one of its number.</summary>
    public bool Equals(CircuitContact? other) => ReferenceEquals(this, other);

    /// <inheritdoc/>
    public override int GetHashCode() => Index;

    /// <summary>As a builder says it.</summary>
    public string Words => $"position {Pin.Position} of {Port.Name} ({Part.Name})";
}
