using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>One output of a supply.</summary>
/// <param name="Output">The voltage it gives.</param>
/// <param name="Limit">The most it may carry without end.</param>
public sealed partial record Rail(Signal Output, Known<Amps> Limit)
{
    /// <summary>The name that labels give one of several rails of 12 V, for example <c>12V2</c> for <c>+12 V 2</c>; null for any other text. No rail gives 12.2
    /// V, whereas <c>3V3</c> is a voltage.</summary>
    public static string? Numbered(string text) => Number().Match(text) is { Success: true } found ? $"12V{found.Groups[1].Value}" : null;

    [GeneratedRegex(@"^\+?12 ?V ?([1-9])$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 100)]
    private static partial Regex Number();

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>The voltage it gives.</summary>
    public Volts Voltage => Output.SupplyVoltage ?? throw new InvalidOperationException($"A rail gives a supply voltage, not {Output.Name}.");

    /// <summary>What the label calls it where that is not its voltage, for example <c>12V1</c>; null otherwise.</summary>
    public string? Label { get; init; }

    /// <summary>The name builders use; each rail of a supply has another.</summary>
    public string Name => Label ?? Output.Name;
}
