using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Files;

namespace LooseGraft.Core.Wire.Matrix;

/// <summary>What beeped, key by key, as it is written down: <c>Q: 3 7</c>, a line each.</summary>
/// <param name="Beeps">What was read.</param>
/// <param name="Problems">What could not be, with its line.</param>
public sealed partial record BeepList(ImmutableArray<KeyBeep> Beeps, ImmutableArray<string> Problems)
{
    /// <summary>The longest text that is read: a line for each of as many keys as a matrix may have.</summary>
    public const int LongestText = 32_000;

    /// <summary>Reads a list. Empty lines are passed over.</summary>
    public static BeepList Read(string text)
    {
        var (beeps, problems) = (ImmutableArray.CreateBuilder<KeyBeep>(), ImmutableArray.CreateBuilder<string>());
        foreach (var (index, line) in text.ReplaceLineEndings("\n").Split('\n').Index().Where(line => !string.IsNullOrWhiteSpace(line.Item)))
        {
            if (Line().Match(line.Trim()) is not { Success: true } match)
                problems.Add($"Line {index + 1}, “{Shortened(line)}”: write the key and the two contacts that beep, such as Q: 3 7.");
            else if (Contact(match, "one") is var one && Contact(match, "other") is var other && (one is 0 || other is 0 || one == other))
                problems.Add($"Line {index + 1}, “{Shortened(line)}”: the two contacts are different numbers from 1 to {GraftFileLimits.Positions}.");
            else
                beeps.Add(new KeyBeep(match.Groups["key"].Value, one, other));
        }

        return new BeepList(beeps.ToImmutable(), problems.ToImmutable());
    }

    private static int Contact(Match match, string group)
        => int.Parse(match.Groups[group].ValueSpan, CultureInfo.InvariantCulture) is var number && number <= GraftFileLimits.Positions ? number : 0;

    private static string Shortened(string line) => line.Length <= 30 ? line.Trim() : line[..30] + "…";

    // The last two numbers are the contacts: F1 is a key.
    [GeneratedRegex(@"^(?<key>\S.{0,38}?)\s*[\s:=,;]\s*(?<one>\d{1,5})\s*[\s,;/–-]\s*(?<other>\d{1,5})$")]
    private static partial Regex Line();
}
