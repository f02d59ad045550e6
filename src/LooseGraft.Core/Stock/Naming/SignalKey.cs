using System.Text;

namespace LooseGraft.Core.Stock.Naming;

/// <summary>What is left of a name once everything is taken off in which spellings of one name differ.</summary>
public static class SignalKey
{
    private static readonly (string Word, char Sign)[] Signs =
        [("positive", '+'), ("plus", '+'), ("pos", '+'), ("anode", '+'), ("negative", '-'), ("minus", '-'), ("neg", '-'), ("cathode", '-')];

    /// <summary>Small letters and digits, points between digits, and the sign at the end: <c>HDD LED+</c>, <c>hdd_led +</c> and <c>Hdd-Led plus</c> are
    /// <c>hddled+</c>. A hash, brackets, and dashes inside are left out.</summary>
    public static string Of(string text)
    {
        var name = text.Trim().ToLowerInvariant().Replace('−', '-').Replace('–', '-').TrimEnd('#', '*', ')', ']', ' ');
        var sign = name.Length > 1 && name[^1] is '+' or '-' ? name[^1..] : "";
        foreach (var (word, meant) in Signs)
        {
            // A word of its own only: "compos" is no plus.
            if (sign.Length == 0 && name.Length > word.Length + 1 && name.EndsWith(word, StringComparison.Ordinal)
                && name[^(word.Length + 1)] is ' ' or '_' or '-' or '(' or '.')
                (name, sign) = (name[..^word.Length], $"{meant}");
        }

        var key = new StringBuilder(name.Length);
        foreach (var (index, character) in name.Index())
        {
            if (char.IsAsciiLetterOrDigit(character) || character == '?') key.Append(character);
            else if (character == '.' && IsDigit(name, index - 1) && IsDigit(name, index + 1)) key.Append('.');
        }

        return key.Append(sign).ToString();
    }

    private static bool IsDigit(string name, int index) => index >= 0 && index < name.Length && char.IsAsciiDigit(name[index]);
}
