using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Offers;

/// <summary>How what is in a pack is written: <c>10 × screw M3 6 mm + 4 × nut M3</c>.</summary>
public static partial class ContentsText
{
    /// <summary>How it is written, for whoever wrote otherwise.</summary>
    public const string Allowed = "what is in a pack, such as 10 × screw M3 6 mm + 4 × nut M3";

    /// <summary>Reads the contents of a pack.</summary>
    /// <param name="text">What was written; empty for a pack of which nobody said what is in it.</param>
    /// <returns>The contents, or why they are none, as a sentence without its full stop.</returns>
    public static (ValueList<OfferContent> Contents, string? Problem) Read(string text)
    {
        var contents = ImmutableArray.CreateBuilder<OfferContent>();
        foreach (var piece in text.Split([" + ", "\n"], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
        {
            var (count, rest) = (1, piece);
            if (CountPattern().Match(piece) is { Success: true } counted)
            {
                if (!int.TryParse(counted.Groups["count"].Value, NumberStyles.None, CultureInfo.InvariantCulture, out count)
                    || count is < 1 or > GraftFileLimits.OfferPieces)
                    return ([], $"“{piece}” counts beyond 1 to {GraftFileLimits.OfferPieces}");
                rest = counted.Groups["rest"].Value;
            }

            if (WareText.Read(rest) is not { } ware) return ([], $"“{rest}” says no sort of thing; write {WareText.Allowed}");
            contents.Add(new OfferContent(ware, count));
        }

        return contents.Count <= GraftFileLimits.OfferContents
            ? (new(contents.ToImmutable()), null)
            : ([], $"{contents.Count} sorts of things; a pack holds at most {GraftFileLimits.OfferContents}");
    }

    /// <summary>Writes contents as <see cref="Read"/> reads them.</summary>
    public static string Write(ValueList<OfferContent> contents)
        => string.Join(" + ", contents.Select(content => content.Count == 1 ? content.Ware.ToString()
            : string.Create(CultureInfo.InvariantCulture, $"{content.Count} × {content.Ware}")));

    [GeneratedRegex(@"^(?<count>\d+)\s*[×x*]\s*(?<rest>.*)$", RegexOptions.ExplicitCapture)]
    private static partial Regex CountPattern();
}
