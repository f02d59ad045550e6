using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>One connector on a part. What it does not say about its shape is that of its connector type.</summary>
/// <param name="Id">Unique within the part.</param>
/// <param name="Name">As a builder says it.</param>
/// <param name="Type">The kind of connector.</param>
/// <param name="Gender">Pins or sockets.</param>
public sealed record Port(string Id, string Name, ConnectorType Type, Gender Gender)
{
    /// <summary>Rows, where they differ from the type's.</summary>
    public int? OwnRows { get; init; }

    /// <summary>Positions in a row, where they differ from the type's.</summary>
    public int? OwnColumns { get; init; }

    /// <summary>Pitch, where it differs from the type's.</summary>
    public Millimetres? OwnPitch { get; init; }

    /// <summary>Keying, where it differs from the type's.</summary>
    public Keying? OwnKeying { get; init; }

    /// <summary>Numbering, where it differs from the type's.</summary>
    public Numbering? OwnNumbering { get; init; }

    /// <summary>Length of the lead behind it; null when it sits on a board.</summary>
    public Millimetres? LeadLength { get; init; }

    /// <summary>Where it sits on its board; null when nobody measured, or it hangs on a lead.</summary>
    public PortPlace? Place { get; init; }

    /// <summary>What it bears without end as its maker says, whatever is usual for its kind; null when nobody said.</summary>
    public PortLimit? Limit { get; init; }

    /// <summary>The pins that have been described, in order of position.</summary>
    public ValueList<Pin> Pins { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>Rows of positions.</summary>
    public int Rows => OwnRows ?? Type.Rows;

    /// <summary>Positions in a row.</summary>
    public int Columns => OwnColumns ?? Type.Columns;

    /// <summary>Distance from one position to the next in a row.</summary>
    public Millimetres Pitch => OwnPitch ?? Type.Pitch;

    /// <summary>Distance from row to row; a port with its own pitch has that both ways.</summary>
    public Millimetres RowPitch => OwnPitch ?? Type.RowPitch;

    /// <summary>What keeps it from going on wrongly.</summary>
    public Keying Keying => OwnKeying ?? Type.Keying;

    /// <summary>How positions are counted.</summary>
    public Numbering Numbering => OwnNumbering ?? Type.Numbering;

    /// <summary>Number of positions, described or not.</summary>
    public int PositionCount => Rows * Columns;

    /// <summary>The pin at a position: as described, or one of which nothing is known.</summary>
    /// <param name="position">From 1 to <see cref="PositionCount"/>.</param>
    public Pin PinAt(int position)
    {
        foreach (var pin in Pins)
        {
            if (pin.Position == position) return pin;
        }

        return new Pin(position);
    }

    /// <summary>Every position of the port in order.</summary>
    public ImmutableArray<Pin> AllPins()
    {
        var pins = new Pin?[PositionCount];
        foreach (var pin in Pins)
        {
            if (pin.Position >= 1 && pin.Position <= pins.Length) pins[pin.Position - 1] = pin;
        }

        return [.. pins.Select((pin, index) => pin ?? new Pin(index + 1))];
    }

    /// <summary>Every position of the port as another connector meets it: in a plug that is keyed by a pin, the cavity that has none is filled.</summary>
    public ImmutableArray<Pin> MatingPins() => Gender == Gender.Female && Keying == Keying.KeyPin
        ? [.. AllPins().Select(pin => pin.Contact == ContactState.Absent ? pin with { Contact = ContactState.Blocked } : pin)] : AllPins();

    /// <summary>Whether its contacts carry what its connector type lays down.</summary>
    public bool HasUsualPinout => Type.Pinout.Count == PositionCount
        && AllPins().Index().All(pin => pin.Item.Signal.Value.Name == Type.Pinout[pin.Index] || pin.Item.Contact != ContactState.Wired);

    /// <summary>The same port with one pin described anew.</summary>
    public Port With(Pin pin) => this with
    {
        Pins = [.. Pins.Where(other => other.Position != pin.Position).Append(pin).OrderBy(other => other.Position)],
    };
}
