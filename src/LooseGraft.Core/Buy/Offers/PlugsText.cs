using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Buy.Offers;

/// <summary>How the plugs of an offered supply are written: <c>main power 24, 500 mm + 4 × drive power, 400 mm</c>.</summary>
public static partial class PlugsText
{
    private const double ShortestMm = 0.1;
    private const double LongestMm = 10_000;

    /// <summary>Reads plugs.</summary>
    /// <param name="text">What was written; empty where nobody said.</param>
    /// <returns>The plugs, or why they are none, as a sentence without its full stop.</returns>
    public static (ValueList<OfferPlug> Plugs, string? Problem) Read(string text)
    {
        if (text.Length > GraftFileLimits.NoteLength) return ([], $"{text.Length} characters; plugs are written in at most {GraftFileLimits.NoteLength}");
        var plugs = ImmutableArray.CreateBuilder<OfferPlug>();
        foreach (var piece in text.Split([" + ", "\n", ";"], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
        {
            var match = PlugPattern().Match(piece);
            var (count, reach) = (1, (Millimetres?)null);
            if (match.Groups["count"] is { Success: true } counted
                && (!int.TryParse(counted.Value, NumberStyles.None, CultureInfo.InvariantCulture, out count) || count is < 1 or > GraftFileLimits.OfferPlugs))
                return ([], $"“{piece}” counts beyond 1 to {GraftFileLimits.OfferPlugs}");
            if (match.Groups["reach"] is { Success: true } spoken)
            {
                if (!double.TryParse(spoken.Value.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var millimetres)
                    || millimetres is < ShortestMm or > LongestMm)
                    return ([], $"“{piece}” reaches beyond {ShortestMm.ToString(CultureInfo.InvariantCulture)} to {LongestMm} mm");
                reach = new Millimetres(millimetres);
            }

            if (StockWords.TypeOf(match.Groups["type"].Value) is not { } type)
                return ([], $"“{match.Groups["type"].Value}” is no kind of plug; write one such as main power 24, processor 8, drive power or peripheral power");
            plugs.Add(new OfferPlug(type, count) { Reach = reach });
        }

        return plugs.Count <= GraftFileLimits.OfferPlugs
            ? (new(plugs.ToImmutable()), null)
            : ([], $"{plugs.Count} sorts of plugs; at most {GraftFileLimits.OfferPlugs}");
    }

    /// <summary>Writes plugs as <see cref="Read"/> reads them.</summary>
    public static string Write(ValueList<OfferPlug> plugs)
        => string.Join(" + ", plugs.Select(plug => (plug.Count == 1 ? "" : string.Create(CultureInfo.InvariantCulture, $"{plug.Count} × "))
            + plug.Type.Name + (plug.Reach is { } reach ? string.Create(CultureInfo.InvariantCulture, $", {reach.Value:0.##} mm") : "")));

    [GeneratedRegex(@"^((?<count>\d+)\s*[×x*]\s*)?(?<type>.*?)(,?\s+(?<reach>\d+([.,]\d+)?)\s*mm)?$", RegexOptions.ExplicitCapture)]
    private static partial Regex PlugPattern();
}
