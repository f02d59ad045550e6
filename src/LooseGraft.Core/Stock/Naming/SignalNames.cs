using System.Collections.Immutable;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Naming;

/// <summary>Understands the names of contacts as people type them, asks where a name is printed for several things, and swallows none.</summary>
public static partial class SignalNames
{
    private const int MostNearest = 3;

    // A signal has 40 characters; blanks and quotes come on top.
    private const int LongestName = 60;

    private static readonly Dictionary<string, SignalEntry> Known = KnownKeys();
    private static readonly Dictionary<string, AskedName> AskedKeys = AskedName.All
        .SelectMany(asked => asked.Names.Select(name => (Key: SignalKey.Of(name), Asked: asked))).ToDictionary(pair => pair.Key, pair => pair.Asked);

    /// <summary>Reads what was typed for a contact.</summary>
    /// <param name="text">Any text. In quotes it is taken as it stands, for a name of one's own that would be asked about.</param>
    /// <param name="sort">What the connector is for, which tells what an asked name may mean.</param>
    public static SignalReading Read(string text, PortSort sort)
    {
        var name = text.Trim();
        if (name.Length > LongestName) return new SignalReading.Impossible(text);
        if (name is ['"', .. var quoted, '"'])
            return Signal.Parse(quoted) is { } insisted ? new SignalReading.Understood(text, insisted) : new SignalReading.Impossible(text);
        var key = SignalKey.Of(name);
        // What a graft file holds reads back as itself, whatever else it may look like.
        if (SignalVocabulary.Standard.Find(name.ToLowerInvariant()) is { } entry && name.Equals(entry.Name, StringComparison.OrdinalIgnoreCase))
            return Understood(entry);
        if (SupplyText(name) is { } supply) return new SignalReading.Understood(text, supply);
        if (IsAsked(key, sort)) return new SignalReading.Asked(text, AskedKeys[key].Why, Choices(AskedKeys[key].ChoicesOn(sort)));
        if (BarePattern().IsMatch(name))
            return new SignalReading.Asked(text, "has neither a sign nor a unit", Choices(Signal.Parse($"+{name} V") is { } volts ? [volts.Name] : []));
        if (Known.GetValueOrDefault(key) is { } known) return Understood(known);
        return Signal.Parse(name) is { } own
            ? new SignalReading.Own(text, own, Nearest(name, key)) : new SignalReading.Impossible(text) { Nearest = Nearest(name, key) };

        SignalReading Understood(SignalEntry meant) => new SignalReading.Understood(text, Signal.Parse(meant.Name)!);
    }

    /// <summary>Whether a text means something by itself, or is asked about: not what its reading would be, nor what is spelt like it.</summary>
    public static bool IsKnown(string text)
        => SignalKey.Of(text.Trim()) is var key && (Known.ContainsKey(key) || AskedKeys.ContainsKey(key) || SupplyText(text.Trim()) is not null);

    /// <summary>Known signals whose spellings differ least from a name: at most a third of its letters, or begun with it.</summary>
    private static ImmutableArray<Signal> Nearest(string name, string key)
    {
        // "+3.3 V sense" is a supply with something to it.
        var begun = SupplyStartPattern().Match(name) is { Success: true } start ? SupplyText(start.Value) : null;
        var near = Known
            .Select(pair => (pair.Value.Name, Far: Distance(key, pair.Key)))
            .Where(pair => pair.Far <= Math.Max(1, key.Length / 3))
            .OrderBy(pair => pair.Far).Select(pair => pair.Name).Distinct().Take(MostNearest).Select(found => Signal.Parse(found)!);
        return [.. begun is null ? near : near.Prepend(begun)];
    }

    /// <summary>A supply: <c>+12</c>, <c>5 V DC</c>, <c>12 volts</c>, <c>+12V1</c> for the first rail of 12 V, <c>5VSB</c>; null when it is none.</summary>
    private static Signal? SupplyText(string name)
    {
        if (UsbPattern().IsMatch(name)) return Signal.Supply(new Volts(5));
        var plain = VoltsPattern().Replace(name, "v");
        if (RailPattern().Match(plain) is { Success: true } rail) plain = rail.Groups["volts"].Value;
        return Signal.Parse(StandbyPattern().Replace(plain, " V standby")) is { Family: SignalFamily.Supply } supply ? supply : null;
    }

    private static bool IsAsked(string key, PortSort sort)
        => AskedKeys.TryGetValue(key, out var asked) && (asked.Only.Count == 0 || asked.Only.Contains(sort));

    private static ImmutableArray<Signal> Choices(IEnumerable<string> names) => [.. names.Select(name => Signal.Parse(name)!), Signal.Unknown];

    private static Dictionary<string, SignalEntry> KnownKeys()
    {
        var keys = new Dictionary<string, SignalEntry>();
        foreach (var entry in SignalVocabulary.Standard.Entries)
        {
            foreach (var name in entry.Aliases.Concat(entry.Typed).Prepend(entry.Name)) keys.TryAdd(SignalKey.Of(name), entry);
        }

        return keys;
    }

    /// <summary>How many letters must be put in, taken out, changed or exchanged with their neighbour to make one of the other: optimal string alignment, in
    /// time and room of the product of their lengths, which are at most 40.</summary>
    private static int Distance(string one, string other)
    {
        if (Math.Abs(one.Length - other.Length) > Math.Max(1, one.Length / 3)) return int.MaxValue;
        var far = new int[one.Length + 1, other.Length + 1];
        for (var row = 0; row <= one.Length; row++)
        {
            for (var column = 0; column <= other.Length; column++)
            {
                if (row == 0 || column == 0)
                {
                    far[row, column] = row + column;
                    continue;
                }

                var changed = far[row - 1, column - 1] + (one[row - 1] == other[column - 1] ? 0 : 1);
                far[row, column] = Math.Min(changed, 1 + Math.Min(far[row - 1, column], far[row, column - 1]));
                if (row > 1 && column > 1 && one[row - 1] == other[column - 2] && one[row - 2] == other[column - 1])
                    far[row, column] = Math.Min(far[row, column], far[row - 2, column - 2] + 1);
            }
        }

        return far[one.Length, other.Length];
    }

    [GeneratedRegex(@"(?<=\d\s*)(?:volts?|v[\s.]*dc|v\.)(?![a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex VoltsPattern();

    // Supplies print 12V1 and 12V2 on rails of 12 V; 5V1 and 3V3 are volts and tenths.
    [GeneratedRegex(@"^(?<volts>\+?12\s*v)[\s_]*[1-4]$", RegexOptions.IgnoreCase)]
    private static partial Regex RailPattern();

    [GeneratedRegex(@"(?<=\d)[\s_.-]*v?[\s_.-]*(?:sb|stby|stb|standby)$", RegexOptions.IgnoreCase)]
    private static partial Regex StandbyPattern();

    [GeneratedRegex(@"^(?:vbus|usb[\s_]*(?:power|pwr|vcc|5v|\+5v?)|5v[\s_]*usb)\d?$", RegexOptions.IgnoreCase)]
    private static partial Regex UsbPattern();

    [GeneratedRegex(@"^\d{1,3}(?:\.\d{1,3})?$")]
    private static partial Regex BarePattern();

    [GeneratedRegex(@"^[+-]?\d{1,3}(?:\.\d{1,3})?\s*v\d?|^[+-]\d{1,3}(?:\.\d{1,3})?", RegexOptions.IgnoreCase)]
    private static partial Regex SupplyStartPattern();
}
