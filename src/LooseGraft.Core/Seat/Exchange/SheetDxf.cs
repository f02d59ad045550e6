using System.Globalization;
using System.Text;
using LooseGraft.Core.Seat.Drawing;

namespace LooseGraft.Core.Seat.Exchange;

/// <summary>Writes a sheet as DXF R12 (AC1009) in plain ASCII: lines, circles and words on named layers, in millimetres.</summary>
public static class SheetDxf
{
    /// <summary>The whole file.</summary>
    public static string Write(PlanSheet sheet)
    {
        var text = new StringBuilder();
        void Group(int code, string value) => text.Append(code.ToString(CultureInfo.InvariantCulture)).Append("\r\n").Append(value).Append("\r\n");
        void At(int code, double x, double y)
        {
            Group(code, N(x));
            Group(code + 10, N(y));
        }

        void Begin(string entity, SheetLayer layer)
        {
            Group(0, entity);
            Group(8, Name(layer));
        }

        var bounds = sheet.Bounds;
        foreach (var (code, value) in new[] { (0, "SECTION"), (2, "HEADER"), (9, "$ACADVER"), (1, "AC1009"), (9, "$EXTMIN") }) Group(code, value);
        At(10, bounds.X, bounds.Y);
        Group(9, "$EXTMAX");
        At(10, bounds.X + bounds.Width, bounds.Y + bounds.Depth);
        // R12 knows no unit; later readers take it from these, and R12 passes over what it does not know.
        foreach (var (code, value) in new[] { (9, "$MEASUREMENT"), (70, "1"), (9, "$INSUNITS"), (70, "4") }) Group(code, value);
        Group(0, "ENDSEC");
        var layers = Enum.GetValues<SheetLayer>();
        foreach (var (code, value) in new[] { (0, "SECTION"), (2, "TABLES"), (0, "TABLE"), (2, "LAYER"), (70, N(layers.Length)) }) Group(code, value);
        foreach (var layer in layers)
        {
            foreach (var (code, value) in new[] { (0, "LAYER"), (2, Name(layer)), (70, "0"), (62, "7"), (6, "CONTINUOUS") }) Group(code, value);
        }

        foreach (var (code, value) in new[] { (0, "ENDTAB"), (0, "ENDSEC"), (0, "SECTION"), (2, "ENTITIES") }) Group(code, value);
        foreach (var path in sheet.Paths)
        {
            for (var index = 0; index < path.Corners.Length - (path.IsClosed ? 0 : 1); index++)
            {
                var (from, to) = (path.Corners[index], path.Corners[(index + 1) % path.Corners.Length]);
                Begin("LINE", path.Layer);
                At(10, from.X, from.Y);
                At(11, to.X, to.Y);
            }
        }

        foreach (var circle in sheet.Circles)
        {
            Begin("CIRCLE", circle.Layer);
            At(10, circle.Middle.X, circle.Middle.Y);
            Group(40, N(circle.Radius));
        }

        foreach (var label in sheet.Labels)
        {
            Begin("TEXT", SheetLayer.Text);
            At(10, label.At.X, label.At.Y);
            Group(40, N(label.Height));
            Group(1, Ascii(label.Text));
        }

        Group(0, "ENDSEC");
        Group(0, "EOF");
        return text.ToString();
    }

    private static string Name(SheetLayer layer) => layer.ToString().ToUpperInvariant();

    private static string N(double value) => value.ToString("0.######", CultureInfo.InvariantCulture);

    // R12 knows %%c for the sign of a diameter; what else is not ASCII is told by a question mark.
    private static string Ascii(string text)
        => string.Concat(text.Select(character => character == 'ø' ? "%%c" : character is >= ' ' and <= '~' ? character.ToString() : "?"));
}
