using System.Globalization;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Forms;

/// <summary>One line of a list that is typed, its cells parted by semicolons or tabs. Reading a cell that will not do says so once, with what to type
/// instead.</summary>
public sealed class ListLine(string text, int number)
{
    private const double FarthestMm = 10_000;

    private readonly string[] _cells = [.. text.Split([';', '\t']).Select(cell => cell.Trim())];
    private int _next;

    /// <summary>What is wrong with it; null when nothing is.</summary>
    public string? Problem { get; private set; }

    /// <summary>The next cell as a name; those left out are not allowed.</summary>
    public string Name(string what)
    {
        var cell = Take();
        if (cell.Length is 0 or > 120) Fail($"{what} is missing, or longer than 120 characters");
        return cell;
    }

    /// <summary>The next cell as a length or a coordinate, in millimetres; inches, fractions and caliper sums are read as well.</summary>
    public double Length(string what, double least = -FarthestMm, double? usual = null)
    {
        var cell = Take();
        if (cell.Length == 0 && usual is { } known) return known;
        var read = ReadingText.TryRead(cell);
        if (read is { Kind: ReadingKind.Bare or ReadingKind.Length } length && length.Value >= least && length.Value <= FarthestMm)
            return Rounded(length.Value);
        Fail($"{what} “{cell}” is not a length {(least > 0 ? "above 0 " : least == 0 ? "of 0 or more " : "")}up to {FarthestMm:0} mm; type 12.5, 1/2 in or 26 + .4");
        return 0;
    }

    /// <summary>The next cell as one of some words.</summary>
    public T Choice<T>(string what)
        where T : struct, Enum
    {
        var cell = Take();
        if (Parse<T>(cell) is { } value) return value;
        Fail($"{what} “{cell}” is none of {string.Join(", ", Enum.GetValues<T>().Select(Word))}");
        return default;
    }

    /// <summary>The next cell as text that may be missing.</summary>
    public string? Optional() => _next < _cells.Length && Take() is { Length: > 0 } text ? text : null;

    /// <summary>Whatever cells are left.</summary>
    public IReadOnlyList<string> Rest()
    {
        var rest = _cells.Skip(_next).Where(cell => cell.Length > 0).ToArray();
        _next = _cells.Length;
        return rest;
    }

    /// <summary>Says what is wrong; the first thing said stays.</summary>
    public void Fail(string words)
        => Problem ??= string.Create(CultureInfo.InvariantCulture, $"Line {number}, {text.Quoted()}: {words}.");

    /// <summary>A word of an enumeration as builders type it.</summary>
    public static string Word<T>(T value)
        where T : struct, Enum
        => System.Text.Json.JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString()).Replace('-', ' ');

    /// <summary>Reads such a word; null when it is none.</summary>
    public static T? Parse<T>(string text)
        where T : struct, Enum
        => Enum.GetValues<T>().Where(value => string.Equals(Word(value), text.Replace('-', ' '), StringComparison.OrdinalIgnoreCase)).Select(value => (T?)value)
            .FirstOrDefault();

    /// <summary>To the micrometre: inches become tidy figures.</summary>
    public static double Rounded(double millimetres) => Math.Round(millimetres, 3);

    private string Take() => _next < _cells.Length ? _cells[_next++] : "";
}
