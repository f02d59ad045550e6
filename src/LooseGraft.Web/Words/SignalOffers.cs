using LooseGraft.Core.Facts;
using LooseGraft.Core.Stock.Naming;

namespace LooseGraft.Web.Words;

/// <summary>What the name of a contact is completed with as it is typed.</summary>
public static class SignalOffers
{
    private static readonly string[] Known =
        [.. SignalVocabulary.Standard.Entries.Select(entry => entry.Name), "+12 V", "+5 V", "+3.3 V", "-12 V", "+5 V standby", "absent"];

    /// <summary>The names, parted by upright strokes.</summary>
    public static string Names { get; } = string.Join('|', Known);

    /// <summary>What begins one of them and means something by itself, as "key" means a missing pin and begins "keyboard-clock": it is left alone.</summary>
    public static string Whole { get; } = string.Join('|', Known.SelectMany(Beginnings).Distinct().Where(SignalNames.IsKnown));

    private static IEnumerable<string> Beginnings(string name)
        => Enumerable.Range(1, name.Length - 1).Select(length => name[..length].TrimEnd().ToLowerInvariant());
}
