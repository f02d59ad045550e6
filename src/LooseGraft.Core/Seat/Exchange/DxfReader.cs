using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Exchange;

/// <summary>Reads lines, polylines and circles out of plain DXF (R12 and what later versions write the same way), bounded in size.</summary>
public static class DxfReader
{
    // What a drawing may be counted in ($INSUNITS, DXF of 2000 and later); without a word it is millimetres.
    private static readonly Dictionary<string, (string Name, double Mm)> Units = new()
    {
        ["1"] = ("inches", Quantities.ReadingText.MillimetresPerInch),
        ["2"] = ("feet", 12 * Quantities.ReadingText.MillimetresPerInch),
        ["4"] = ("", 1),
        ["5"] = ("centimetres", 10),
        ["6"] = ("metres", 1000),
    };

    /// <summary>Reads a file.</summary>
    /// <returns>What it holds; with <see cref="ReadSheet.Problem"/> when it is no such file.</returns>
    public static ReadSheet Read(string text)
    {
        if (text.Length > ReadSheet.MostBytes) return ReadSheet.Failed($"The drawing is larger than {ReadSheet.MostBytes / 1024 / 1024} MiB.");
        if (text.AsSpan(0, Math.Min(40, text.Length)).Contains("Binary DXF\r\n", StringComparison.Ordinal))
            return ReadSheet.Failed("This is a binary DXF. Save it as ASCII, R12.");
        var lines = text.Split('\n');
        var (closed, segments, circles, notes) = (
            new List<ImmutableArray<PlanPoint>>(), new List<(PlanPoint, PlanPoint)>(), new List<(PlanPoint, double)>(), new List<string>());
        var (isInside, hasSection, left, vertices) = (false, false, new SortedSet<string>(StringComparer.Ordinal), new List<PlanPoint>());
        var (entity, groups, isClosed, isPolyline) = ("", new List<(int Code, double Value)>(), false, false);
        var (variable, scale) = ("", 1.0);
        for (var index = 0; index + 1 < lines.Length; index += 2)
        {
            if (!int.TryParse(lines[index].Trim(), NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var code))
                return ReadSheet.Failed($"Line {index + 1} is not a group code. This is not an ASCII DXF.");
            var value = lines[index + 1].Trim();
            if (code == 0)
            {
                if (Finish() is { } problem) return ReadSheet.Failed(problem);
                (entity, groups) = (isInside ? value : "", []);
                if (value == "ENDSEC") isInside = false;
                continue;
            }

            if (code == 9) variable = value;
            if (code == 70 && variable == "$INSUNITS" && Units.TryGetValue(value, out var unit))
            {
                (scale, variable) = (unit.Mm, "");
                if (unit.Name.Length > 0) notes.Add($"read in {unit.Name}");
            }

            if (code == 2 && value == "ENTITIES") (isInside, hasSection) = (true, true);
            if (!isInside) continue;
            if (code is (>= 10 and < 60) or 70 && double.TryParse(value, NumberStyles.Float, CultureInfo.InvariantCulture, out var figure))
                groups.Add((code, figure));
            else if (code is >= 10 and < 60) return ReadSheet.Failed($"Line {index + 2}: “{(value.Length > 30 ? value[..30] + "…" : value)}” is not a figure.");
        }

        if (!hasSection) return ReadSheet.Failed("There is no section of entities in it. This is not a DXF, or an empty one.");
        if (Finish() is { } last) return ReadSheet.Failed(last);
        if (left.Count > 0) notes.Add($"left out: {string.Join(", ", left.Take(8))}");
        PlanPoint Scaled(PlanPoint place) => new(place.X * scale, place.Y * scale);
        return ReadSheet.Of(
            [.. closed.Select(ring => ring.Select(Scaled).ToImmutableArray())], [.. segments.Select(pair => (Scaled(pair.Item1), Scaled(pair.Item2)))],
            [.. circles.Select(circle => (Scaled(circle.Item1), circle.Item2 * scale))], notes);

        string? Finish()
        {
            double Get(int code) => groups.Where(group => group.Code == code).Select(group => (double?)group.Value).FirstOrDefault() ?? double.NaN;
            switch (entity)
            {
                case "LINE":
                    segments.Add((new PlanPoint(Get(10), Get(20)), new PlanPoint(Get(11), Get(21))));
                    break;
                case "CIRCLE":
                    circles.Add((new PlanPoint(Get(10), Get(20)), Get(40)));
                    break;
                case "POLYLINE":
                    (isPolyline, isClosed, vertices) = (
                        true, ((int)groups.Where(group => group.Code == 70).Select(group => group.Value).FirstOrDefault() & 1) == 1, []);
                    break;
                case "VERTEX" when isPolyline:
                    vertices.Add(new PlanPoint(Get(10), Get(20)));
                    break;
                case "SEQEND" when isPolyline:
                    isPolyline = false;
                    Add(vertices, isClosed);
                    break;
                case "LWPOLYLINE":
                    var xs = groups.Where(group => group.Code == 10).Select(group => group.Value);
                    var ys = groups.Where(group => group.Code == 20).Select(group => group.Value);
                    Add([.. xs.Zip(ys).Select(pair => new PlanPoint(pair.First, pair.Second))],
                        ((int)groups.Where(group => group.Code == 70).Select(group => group.Value).FirstOrDefault() & 1) == 1);
                    break;
                case "" or "ENDSEC" or "EOF" or "TEXT" or "POINT" or "VERTEX" or "SEQEND":
                    break;
                default:
                    left.Add(entity.Length > 20 ? entity[..20] : entity);
                    break;
            }

            return segments.Count + circles.Count + closed.Count + vertices.Count > ReadSheet.MostShapes
                ? $"There are more than {ReadSheet.MostShapes} lines and circles in it."
                : null;
        }

        void Add(List<PlanPoint> corners, bool isRing)
        {
            if (isRing && corners.Count >= 3) closed.Add([.. corners]);
            else segments.AddRange(corners.Zip(corners.Skip(1)));
        }
    }
}
