using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what contacts of a connector carry.</summary>
/// <param name="Port">The connector.</param>
/// <param name="Pins">The contacts that are described anew.</param>
/// <param name="IsFromTable">Whether they come from a table, and not from the grid.</param>
public sealed record DescribeContacts(PortId Port, ValueList<Pin> Pins, bool IsFromTable) : GraftEdit
{
    private const int MostNamed = 4;

    /// <summary>What a contact carries, as a cell of a grid shows it.</summary>
    public static string Cell(Pin pin) => pin.Contact == ContactState.Absent ? "absent" : pin.Signal.Value == Signal.Unknown ? "" : pin.Signal.Value.Name;

    public override Graft Apply(Graft graft)
        => graft.WithPort(Port, port => Pins.Where(pin => pin.Position <= port.PositionCount).Aggregate(port, (edited, pin) => edited.With(pin)));

    public override string Words(Graft graft)
    {
        var name = graft.NameOf(Port);
        if (Pins.IsEmpty) return $"{name}: no contact described";
        if (IsFromTable) return $"{name}: {Pins.Length.Counted("contact")} from a table";
        return Pins.Length <= MostNamed
            ? $"{name}: {string.Join(", ", Pins.Select(pin => $"{pin.Position} {Cell(pin)}"))}"
            : $"{name}: {Pins.Length.Counted("contact")} described";
    }

    public override string Standing(Graft graft) => graft.FindPort(Port) is { } port
        ? $"{port.Rows} × {port.Columns}: {string.Join(", ", port.Pins.Select(pin => $"{pin.Position} {Cell(pin)}"))}"
        : "this connector is not there any more";
}
