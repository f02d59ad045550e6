using System.Text.RegularExpressions;

namespace LooseGraft.Core.Files.Meetings;

/// <summary>Members of the graft file as a reader says them.</summary>
internal static partial class DocumentWords
{
    /// <summary>A member in words: <c>behindMm</c> is “behind, mm”.</summary>
    public static string Of(string member) => member switch
    {
        "planes" => "bases",
        "plane" => "base",
        _ => Unit().Replace(Capital().Replace(member, match => " " + match.Value.ToLowerInvariant()), ", $1"),
    };

    [GeneratedRegex("(?<=[a-z])[A-Z]")]
    private static partial Regex Capital();

    [GeneratedRegex(" (mm|amps|watts|volts|years)$")]
    private static partial Regex Unit();
}
