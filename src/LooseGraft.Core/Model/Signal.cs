using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a contact carries: a supply, the ground, one of the known signals, or a name the builder chose.</summary>
public sealed partial record Signal
{
    private Signal(string name, SignalFamily family) => (Name, Family) = (name, family);

    /// <summary>The common return.</summary>
    public static readonly Signal Ground = Known("ground");

    /// <summary>Deliberately not connected.</summary>
    public static readonly Signal None = Known("none");

    /// <summary>Not yet known.</summary>
    public static readonly Signal Unknown = Known("unknown");

    /// <summary>The name as it is written in a graft file, for example <c>+12 V</c>, <c>ground</c>, <c>power-light+</c>.</summary>
    public string Name { get; }

    /// <summary>The family the contact rules judge by.</summary>
    public SignalFamily Family { get; }

    /// <summary>The voltage of a supply; null for everything else.</summary>
    public Volts? SupplyVoltage { get; private init; }

    /// <summary>Whether this supply is the one that stays on while the machine is off.</summary>
    public bool IsStandby { get; private init; }

    /// <summary>+1 or −1 for the ends of a light, 0 for everything else.</summary>
    public int Polarity => Entry?.Polarity ?? 0;

    /// <summary>What is known of it, when it is one of the known signals.</summary>
    public SignalEntry? Entry { get; private init; }

    /// <summary>What the two ends of one light or switch share: <c>power-light</c> for <c>power-light+</c> and <c>power-light-</c>.</summary>
    public string Function => Entry?.Function ?? Name;

    /// <summary>Whether the contact means anything: neither unknown nor deliberately empty.</summary>
    public bool IsMeaningful => Family is not (SignalFamily.Unknown or SignalFamily.None);

    /// <summary>A supply of the given voltage.</summary>
    /// <param name="voltage">Signed volts.</param>
    /// <param name="standby">Whether it stays on while the machine is off.</param>
    public static Signal Supply(Volts voltage, bool standby = false)
    {
        var number = voltage.Value.ToString("+0.###;-0.###", CultureInfo.InvariantCulture);
        return new Signal($"{number} V{(standby ? " standby" : "")}", SignalFamily.Supply) { SupplyVoltage = voltage, IsStandby = standby };
    }

    /// <summary>Reads a signal as people write it: <c>+12</c>, <c>-12 V</c>, <c>3V3</c>, <c>5 V standby</c>, <c>gnd</c>, <c>nc</c>, <c>power-light+</c>, or any
    /// plain name.</summary>
    /// <param name="text">Letters, digits, spaces and <c>+ - _ . / #</c>, up to 40 characters.</param>
    /// <returns>The signal, or null when the text is not a possible name.</returns>
    public static Signal? Parse(string text)
    {
        var name = text.Trim().ToLowerInvariant().Replace('−', '-');
        // As boards print it: 3V3 is 3.3 V.
        if (TenthsPattern().Match(name) is { Success: true } printed)
            name = $"{printed.Groups["whole"].Value}.{printed.Groups["tenths"].Value} v{printed.Groups["rest"].Value}";
        if (SupplyPattern().Match(name) is { Success: true } supply)
        {
            var volts = double.Parse(supply.Groups["volts"].Value, CultureInfo.InvariantCulture);
            var signed = supply.Groups["sign"].Value == "-" ? -volts : volts;
            return Math.Abs(signed) is > 0 and <= 500 ? Supply(new Volts(signed), supply.Groups["standby"].Success) : null;
        }

        if (SignalVocabulary.Standard.Find(name) is { } entry) return Known(entry.Name);
        return NamePattern().IsMatch(name) ? new Signal(name, SignalFamily.Other) : null;
    }

    /// <summary>The name, with the unit sign a reader expects.</summary>
    public override string ToString() => Name.StartsWith('-') ? "−" + Name[1..] : Name;

    private static Signal Known(string name)
    {
        var entry = SignalVocabulary.Standard.Find(name)!;
        return new Signal(name, entry.Family) { Entry = entry };
    }

    // A bare number is a voltage only with a sign or a unit: "+12", "5 V", but not "5".
    [GeneratedRegex(@"^(?:(?<sign>[+-])(?<volts>\d{1,3}(?:\.\d{1,3})?)\s*v?|(?<volts>\d{1,3}(?:\.\d{1,3})?)\s*v)(?<standby>[\s_]*(?:standby|stby|sb))?$")]
    private static partial Regex SupplyPattern();

    [GeneratedRegex(@"^(?<whole>[+-]?\d{1,2})v(?<tenths>\d)(?<rest>\D*)$")]
    private static partial Regex TenthsPattern();

    [GeneratedRegex(@"^[a-z0-9][a-z0-9 +\-_./#]{0,39}$")]
    private static partial Regex NamePattern();
}
