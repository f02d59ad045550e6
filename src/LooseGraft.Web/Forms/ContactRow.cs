using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Web.Forms;

/// <summary>Reads contacts of a part as a builder types them: <c>3</c>, <c>1-24</c>, <c>lamp end/24-1</c>.</summary>
public static partial class ContactRow
{
    /// <summary>Reads a row.</summary>
    /// <param name="text">Any text.</param>
    /// <param name="part">The part.</param>
    /// <param name="port">Id of the connector that is meant where none is named.</param>
    /// <returns>The contacts in their order; null when the text is none, or names a connector or position that the part does not have.</returns>
    public static IReadOnlyList<InnerEnd>? TryRead(string? text, Part part, string port)
    {
        if (Pattern().Match(text?.Trim() ?? "") is not { Success: true } match) return null;
        var named = match.Groups["port"].Success ? match.Groups["port"].Value.Trim() : port;
        var meant = part.Ports.FirstOrDefault(found => found.Id == named)
            ?? part.Ports.FirstOrDefault(found => string.Equals(found.Name, named, StringComparison.OrdinalIgnoreCase));
        var first = Number(match.Groups["first"]);
        var last = match.Groups["last"].Success ? Number(match.Groups["last"]) : first;
        if (meant is null || Math.Min(first, last) < 1 || Math.Max(first, last) > meant.PositionCount || Math.Abs(last - first) >= GraftFileLimits.Links)
            return null;
        return [.. Enumerable.Range(0, Math.Abs(last - first) + 1).Select(step => new InnerEnd(meant.Id, first <= last ? first + step : first - step))];
    }

    private static int Number(Group group) => int.Parse(group.Value, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"^(?:(?<port>[^/]{1,120})/)?\s*(?<first>\d{1,5})(?:\s*[-–]\s*(?<last>\d{1,5}))?$")]
    private static partial Regex Pattern();
}
