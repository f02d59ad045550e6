using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Naming;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>The fixed words of the lines, for reading and for writing.</summary>
internal static class StockWords
{
    /// <summary>Where a part comes from; the first word of each is written.</summary>
    public static readonly (PartOrigin Origin, string[] Words)[] Origins =
    [
        (PartOrigin.Donor, ["donor", "from the donor", "of the donor"]),
        (PartOrigin.Shell, ["shell", "of the shell", "from the shell", "belongs to the shell"]),
        (PartOrigin.Bin, ["bin", "from the bin", "owned", "mine"]),
        (PartOrigin.Bought, ["bought"]),
        (PartOrigin.ToBuy, ["to buy", "buy"]),
    ];

    /// <summary>What stands before the name of a donor, where there are several.</summary>
    public const string OutOf = "out of ";

    /// <summary>What stands before the name of the part in whose place one stands.</summary>
    public const string InPlaceOf = "in the place of ";

    /// <summary>What stands before the equals sign in the line of a donor.</summary>
    public const string Donor = "donor";

    /// <summary>Where a fact is known from.</summary>
    public static readonly (Evidence Evidence, string[] Words)[] Grades =
    [
        (Evidence.Measured, ["measured", "metered"]), (Evidence.Document, ["document", "by the maker"]), (Evidence.Label, ["label", "printed"]),
        (Evidence.Diagram, ["diagram", "someone's diagram"]), (Evidence.Assumed, ["assumed", "guessed"]),
    ];

    /// <summary>How a connector is kept from going on wrongly.</summary>
    public static readonly (Keying Keying, string[] Words)[] Keyings =
        [(Keying.None, ["unkeyed", "no key"]), (Keying.KeyPin, ["key-pin", "missing pin"]), (Keying.Shroud, ["notched", "shroud"]), (Keying.Contour, ["contour"])];

    /// <summary>How its positions are counted.</summary>
    public static readonly (Numbering Numbering, string[] Words)[] Numberings =
        [(Numbering.Zigzag, ["zigzag"]), (Numbering.AlongRows, ["along-rows"]), (Numbering.Around, ["around"])];

    /// <summary>Which half it is.</summary>
    public static readonly (Gender Gender, string[] Words)[] Genders = [(Gender.Male, ["male"]), (Gender.Female, ["female"])];

    // What has no sort of its own, and is written down all the same.
    private static readonly string[] Others = ["processor", "memory", "radio", "display"];

    /// <summary>Short words for connectors, beside their names.</summary>
    private static readonly (string Type, string[] Words)[] Connectors =
    [
        ("atx-main-24", ["main 24", "main power 24", "24 pin main"]), ("atx-main-20", ["main 20", "main power 20"]), ("cpu-power-4", ["processor 4"]),
        ("cpu-power-8", ["processor 8"]), ("drive-power-15", ["drive power"]), ("peripheral-power-4", ["peripheral", "peripheral power"]),
        ("floppy-power-4", ["floppy", "floppy power"]), ("usb2-header", ["usb 2", "usb 2 header", "usb header"]), ("usb3-header", ["usb 3", "usb 3 header"]),
        ("audio-header", ["audio", "sound header"]), ("fan-3", ["fan 3"]), ("fan-4", ["fan 4"]), ("barrel-jack", ["barrel"]), ("pin-header", ["header"]),
        ("shrouded-header", ["shrouded"]), ("crimp-plug", ["crimp"]), ("power-block", ["block", "own power"]), ("loose-ends", ["loose", "wires", "bare ends"]),
    ];

    private static readonly Dictionary<string, ConnectorType> Types = TypesByKey();

    /// <summary>What a word stands for; null when it is none of those words.</summary>
    public static T? Find<T>((T Value, string[] Words)[] words, string text)
        where T : struct
        => words.Where(pair => pair.Words.Contains(text.ToLowerInvariant())).Select(pair => (T?)pair.Value).FirstOrDefault();

    /// <summary>The word that is written.</summary>
    public static string Word<T>((T Value, string[] Words)[] words, T value)
        where T : struct
        => words.First(pair => EqualityComparer<T>.Default.Equals(pair.Value, value)).Words[0];

    /// <summary>What a sort of part is called at the head of its line.</summary>
    public static string Word(PartKind kind) => kind == PartKind.PassThrough ? "pass-through" : kind.ToString().ToLowerInvariant();

    /// <summary>The sort of part of that word; null when there is none.</summary>
    public static PartKind? KindOf(string text)
        => Others.Contains(text.Trim(), StringComparer.OrdinalIgnoreCase) ? PartKind.Other
            : Enum.GetValues<PartKind>().Where(kind => Word(kind).Equals(text.Trim().Replace(' ', '-'), StringComparison.OrdinalIgnoreCase))
            .Select(kind => (PartKind?)kind).FirstOrDefault();

    /// <summary>The connector of that name, id or short word; null when there is none.</summary>
    public static ConnectorType? TypeOf(string text) => Types.GetValueOrDefault(SignalKey.Of(text));

    /// <summary>Whether a part of a sort carries the half of a connector that boards usually carry.</summary>
    public static bool IsHost(PartKind kind) => kind is PartKind.Board or PartKind.Drive or PartKind.Card or PartKind.Microcontroller or PartKind.Other;

    private static Dictionary<string, ConnectorType> TypesByKey()
    {
        var types = new Dictionary<string, ConnectorType>();
        foreach (var type in ConnectorTypes.All)
        {
            foreach (var name in Connectors.Where(pair => pair.Type == type.Id).SelectMany(pair => pair.Words).Prepend(type.Id).Prepend(type.Name))
                types.TryAdd(SignalKey.Of(name), type);
        }

        return types;
    }
}
