using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Reads the label of a supply, typed line by line as it is printed: <c>+12 V 14 A</c>, or for what rails give together <c>+5 V &amp; +3.3 V 103
/// W</c>.</summary>
public static class SupplyLabel
{
    /// <summary>Reads the label of a supply that is put in.</summary>
    /// <returns>The edit that does it; null, with errors, when it has no name or a line will not do.</returns>
    public static AddSupply? Named(ModelStateDictionary errors, string? name, string? rails, string? total)
    {
        var label = Read(errors, rails, total);
        if (string.IsNullOrWhiteSpace(name)) errors.AddModelError("name", "Give the supply a name, as you would say it.");
        return label is null || string.IsNullOrWhiteSpace(name) ? null : new AddSupply(name.Trim(), label);
    }

    /// <summary>Reads the label.</summary>
    /// <returns>A supply still without a name; null, with errors, when a line will not do.</returns>
    public static Supply? Read(ModelStateDictionary errors, string? rails, string? total)
    {
        var lines = (rails ?? "").Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        if (lines.Length == 0) errors.AddModelError("rails", "Type at least one rail, such as +12 V 14 A.");
        var shared = lines.Where(IsShared).ToArray();
        var outputs = lines.Except(shared).Select(line => Rail(errors, line)).OfType<Rail>().ToArray();
        var combined = shared.Select(line => Shared(errors, line, outputs)).OfType<CombinedLimit>().ToArray();
        TotalLimit? limit = null;
        if (!string.IsNullOrWhiteSpace(total) && errors.NotNegative("total", total, "the total", "W") is { } watts)
            limit = new TotalLimit(new Known<Watts>(new Watts(watts), Evidence.Label));
        return errors.IsValid ? new Supply("", "") { Rails = [.. outputs], Combined = [.. combined], Total = limit } : null;
    }

    // The bracket of a label: “+5 V & +3.3 V 103 W”.
    private static bool IsShared(string line) => line.TrimEnd().EndsWith('W') || line.TrimEnd().EndsWith('w');

    private static CombinedLimit? Shared(ModelStateDictionary errors, string line, Rail[] outputs)
    {
        var words = line.TrimEnd().TrimEnd('W', 'w').Split([' ', '\t', ':', '='], StringSplitOptions.RemoveEmptyEntries);
        var names = string.Join(' ', words.SkipLast(1)).Split(['&', ',', ';', '/'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Select(name => Signal.Parse(name)?.Name).ToArray();
        if (words.Length > 1 && names.Length > 1 && names.All(name => outputs.Any(rail => rail.Name == name))
            && errors.NotNegative("rails", words[^1], "what they give together", "W") is { } watts)
            return new CombinedLimit([.. names.OfType<string>()], new Known<Watts>(new Watts(watts), Evidence.Label));
        if (errors["rails"] is not { Errors.Count: > 0 })
            errors.AddModelError(
            "rails", $"“{line}” is not a limit that rails share. Type the rails of this label and their watts, such as +5 V & +3.3 V 103 W.");
        return null;
    }

    private static Rail? Rail(ModelStateDictionary errors, string line)
    {
        // The current is the last figure of the line; whatever stands before it names the rail.
        var words = line.Split([' ', '\t', ':', '='], StringSplitOptions.RemoveEmptyEntries).ToList();
        if (words.Count > 1 && words[^1].Equals("A", StringComparison.OrdinalIgnoreCase)) words.RemoveAt(words.Count - 1);
        if (words.Count >= 2 && Signal.Parse(string.Join(' ', words[..^1])) is { Family: SignalFamily.Supply } output
            && errors.NotNegative("rails", words[^1], $"the current of {output}", "A") is { } amps)
        {
            return new Rail(output, new Known<Amps>(new Amps(amps), Evidence.Label));
        }

        if (errors["rails"] is not { Errors.Count: > 0 })
            errors.AddModelError("rails", $"“{line}” is not a rail. Type its voltage and its current, such as +12 V 14 A.");
        return null;
    }
}
