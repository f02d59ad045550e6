using System.Globalization;
using System.Text.RegularExpressions;

namespace LooseGraft.Core.Quantities;

/// <summary>Reads a range of voltages as makers print it: <c>18–20 V</c>, <c>9 to 36</c>, <c>4.75-5.25 V</c>.</summary>
public static partial class VoltRangeText
{
    /// <summary>Reads a range.</summary>
    /// <param name="text">Any text.</param>
    /// <returns>The range; null when the text is none, falls, or does not lie above zero.</returns>
    public static VoltSpan? TryRead(string? text)
    {
        if (Pattern().Match(text?.Trim() ?? "") is not { Success: true } match) return null;
        var (low, high) = (Number(match, "low"), Number(match, "high"));
        return low > 0 && low <= high ? new VoltSpan(new Volts(low), new Volts(high)) : null;
    }

    private static double Number(Match match, string name)
        => double.Parse(match.Groups[name].Value.Replace(',', '.'), CultureInfo.InvariantCulture);

    [GeneratedRegex(@"^(?<low>\d{1,4}(?:[.,]\d{1,4})?)\s*V?\s*(?:–|-|to|\.\.)\s*(?<high>\d{1,4}(?:[.,]\d{1,4})?)\s*V?$", RegexOptions.IgnoreCase)]
    private static partial Regex Pattern();
}
