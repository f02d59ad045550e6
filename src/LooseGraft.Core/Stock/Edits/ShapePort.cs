using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says how a connector is made. What is as usual for its type is not said twice.</summary>
public sealed record ShapePort(
    PortId Port, string? Name, Gender Gender, int Rows, int Columns, Millimetres Pitch, Keying Keying, Numbering Numbering, Millimetres? LeadLength) : GraftEdit
{
    // Described contacts are never lost to a smaller shape: they are emptied first.
    public override Graft Apply(Graft graft) => graft.WithPort(Port, port => Lost(port) > 0 ? port : port with
    {
        Name = Name ?? port.Name,
        Gender = Gender,
        OwnRows = Rows == port.Type.Rows ? null : Rows,
        OwnColumns = Columns == port.Type.Columns ? null : Columns,
        OwnPitch = Pitch == port.Type.Pitch ? null : Pitch,
        OwnKeying = Keying == port.Type.Keying ? null : Keying,
        OwnNumbering = Numbering == port.Type.Numbering ? null : Numbering,
        LeadLength = LeadLength,
    });

    /// <summary>How many described contacts the shape has no place for.</summary>
    public int Lost(Port port) => port.Pins.Count(pin => pin.Position > (long)Rows * Columns);

    public override string Words(Graft graft) => $"{graft.NameOf(Port)}: {Rows} × {Columns} at {Pitch.Value:0.##} mm";

    public override string Standing(Graft graft)
        => graft.FindPort(Port) is { } port ? $"{port.Rows} × {port.Columns} at {port.Pitch.Value:0.##} mm" : "this connector is not there any more";
}
