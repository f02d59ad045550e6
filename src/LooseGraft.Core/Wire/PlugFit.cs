using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Whether two connectors can be pushed together at all, whatever they carry.</summary>
public static class PlugFit
{
    /// <summary>How far in millimetres the last position may be off before a plug will not go on: about two thirds of a 0.64 mm square pin (common
    /// practice).</summary>
    public const double MisfitAllowedMm = 0.4;

    /// <summary>Every reason why the plug does not go on the header; empty when it does.</summary>
    public static IReadOnlyList<FitProblem> Problems(Port header, Port plug)
    {
        if (header.Type.Housing == Housing.Loose || plug.Type.Housing == Housing.Loose)
            return [new FitProblem(WireRules.KeyingDiffers, "loose ends have no plug to push on")];
        var problems = new List<FitProblem>();
        if (header.Gender == plug.Gender)
            problems.Add(new FitProblem(WireRules.SameGender, header.Gender == Gender.Male ? "pins against pins" : "sockets against sockets"));
        var shared = Math.Min(Math.Max(header.Rows, header.Columns), Math.Max(plug.Rows, plug.Columns));
        if (Math.Abs(header.Pitch.Value - plug.Pitch.Value) * (shared - 1) > MisfitAllowedMm)
            problems.Add(new FitProblem(WireRules.PitchDiffers, $"pitch {header.Pitch.Value:0.00} mm against {plug.Pitch.Value:0.00} mm"));
        if (header.Type.Housing != plug.Type.Housing || (header.Type.Housing == Housing.Power && header.Keying != plug.Keying))
            problems.Add(new FitProblem(WireRules.KeyingDiffers, $"the body of {Article(header)} is not that of {Article(plug)}"));
        else if (header.Keying == Keying.Shroud && plug.Columns > header.Columns)
            problems.Add(new FitProblem(WireRules.KeyingDiffers, $"{plug.Columns} positions in a row do not go inside a wall made for {header.Columns}"));
        else if (header.Type.Housing == Housing.Power && plug.Columns > header.Columns && !HangsOver(header, plug))
            problems.Add(new FitProblem(WireRules.KeyingDiffers, $"nobody vouches that {plug.Columns} positions in a row go on a body made for {header.Columns}", IsSure: false));
        if (header.Rows != plug.Rows && (IsWalled(header) || IsWalled(plug)))
            problems.Add(new FitProblem(WireRules.RowsDiffer, $"{Rows(header)} against {Rows(plug)}"));
        return problems;
    }

    /// <summary>Whether the pair leaves a hand no choice: both are keyed by their bodies, so only the straight way exists.</summary>
    public static bool IsForced(Port header, Port plug) => IsWalled(header) && header.Keying == plug.Keying;

    /// <summary>Whether a wall keeps the plug from hanging over the header's edge.</summary>
    public static bool IsWalled(Port port) => port.Keying is Keying.Shroud or Keying.Contour;

    /// <summary>Whether a plug of one row also goes across the rows of a header, a quarter turned.</summary>
    public static bool GoesAcross(Port header, Port plug)
        => plug.Rows == 1 && plug.Columns > 1 && plug.Columns <= header.Rows
            && Math.Abs(header.RowPitch.Value - plug.Pitch.Value) * (plug.Columns - 1) <= MisfitAllowedMm;

    // Of shaped power bodies only the ones that part into the header's own kind are known to go on beside it (the 24-position main plug on a 20-position
    // header, ATX12V power supply design guide).
    private static bool HangsOver(Port header, Port plug) => plug.Type != header.Type && plug.Type.MayServe(header.Type);

    private static string Article(Port port) => $"a {port.Type.Name}";

    private static string Rows(Port port) => port.Rows == 1 ? "one row" : $"{port.Rows} rows";
}
