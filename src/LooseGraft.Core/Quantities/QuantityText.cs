using System.Globalization;

namespace LooseGraft.Core.Quantities;

/// <summary>One way of writing amounts, the same under every culture setting: at most two decimals, a true minus sign, a space before the unit.</summary>
internal static class QuantityText
{
    private const char MinusSign = '−';

    public static string Write(double value, string unit) => $"{Number(value)} {unit}";

    public static string Number(double value)
    {
        var text = Math.Abs(value).ToString("0.##", CultureInfo.InvariantCulture);
        return value < 0 && text != "0" ? MinusSign + text : text;
    }
}
