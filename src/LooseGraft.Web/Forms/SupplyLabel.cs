using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Reads the label of a supply, typed line by line as it is printed: <c>+12 V 14 A</c>, <c>12V2 10 A</c>, or for what rails give together
/// <c>+5 V &amp; +3.3 V 103 W</c>.</summary>
public static class SupplyLabel
{
    private static readonly Signal Twelve = Signal.Parse("+12 V")!;

    /// <summary>Reads the label of a supply that is put in.</summary>
    /// <returns>The edit that does it; null, with errors, when it has no name or a line will not do.</returns>
    public static AddSupply? Named(ModelStateDictionary errors, string? name, string? rails, string? total)
    {
        var label = Read(errors, rails, total);
        if (string.IsNullOrWhiteSpace(name)) errors.AddModelError("name", "Give the supply a name, as you would say it.");
        return label is null || string.IsNullOrWhiteSpace(name) ? null : new AddSupply(name.Trim(), label);
    }

    /// <summary>Reads the label.</summary>
    /// <param name="errors">Where errors go.</param>
    /// <param name="rails">Its lines.</param>
    /// <param name="total">What it gives in all; empty where it does not say.</param>
    /// <param name="field">Under what name errors go.</param>
    /// <returns>A supply still without a name; null, with errors, when a line will not do.</returns>
    public static Supply? Read(ModelStateDictionary errors, string? rails, string? total, string field = "rails")
    {
        var lines = (rails ?? "").Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        if (lines.Length == 0) errors.AddModelError(field, "Type at least one rail, such as +12 V 14 A.");
        var shared = lines.Where(IsShared).ToArray();
        var outputs = lines.Except(shared).Select(line => Rail(errors, field, line)).OfType<Rail>().ToArray();
        var combined = shared.Select(line => Shared(errors, field, line, outputs)).OfType<CombinedLimit>().ToArray();
        TotalLimit? limit = null;
        if (!string.IsNullOrWhiteSpace(total) && errors.NotNegative(field == "rails" ? "total" : field, total, "the total", "W") is { } watts)
            limit = new TotalLimit(new Known<Watts>(new Watts(watts), Evidence.Label));
        foreach (var twice in outputs.GroupBy(rail => rail.Name).Where(same => same.Count() > 1).Take(1))
            errors.AddModelError(field, $"{twice.Key} stands there twice. Where the label has two rails of it, type them as it does, such as 12V1 14 A and 12V2 10 A.");
        return errors.IsValid ? new Supply("", "") { Rails = [.. outputs], Combined = [.. combined], Total = limit } : null;
    }

    /// <summary>The label of a supply as it would be typed.</summary>
    public static string Text(Supply supply) => string.Join('\n', supply.Rails
        .Select(rail => $"{(rail.Label is null || Core.Model.Rail.Numbered(rail.Label) == rail.Label ? rail.Name : $"{rail.Label}: {rail.Output}")} {rail.Limit.Value}")
        .Concat(supply.Combined.Select(shared => $"{string.Join(" & ", shared.Rails)} {shared.Limit.Value}")));

    /// <summary>Whether two names of rails are one but for capitals, blanks and the plus.</summary>
    public static bool IsSame(string one, string other)
    {
        return Bare(one).Equals(Bare(other), StringComparison.OrdinalIgnoreCase);

        static string Bare(string name) => name.Replace(" ", "", StringComparison.Ordinal).TrimStart('+');
    }

    // The bracket of a label: “+5 V & +3.3 V 103 W”.
    private static bool IsShared(string line) => line.TrimEnd().EndsWith('W') || line.TrimEnd().EndsWith('w');

    private static CombinedLimit? Shared(ModelStateDictionary errors, string field, string line, Rail[] outputs)
    {
        var words = line.TrimEnd().TrimEnd('W', 'w').Split([' ', '\t', ':', '='], StringSplitOptions.RemoveEmptyEntries);
        var names = string.Join(' ', words.SkipLast(1)).Split(['&', ',', ';', '/'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Select(name => outputs.FirstOrDefault(rail => IsSame(rail.Name, name))?.Name).ToArray();
        if (words.Length > 1 && names.Length > 1 && !names.Contains(null) && errors.NotNegative(field, words[^1], "what they give together", "W") is { } watts)
            return new CombinedLimit([.. names.OfType<string>().Distinct()], new Known<Watts>(new Watts(watts), Evidence.Label));
        if (errors[field] is not { Errors.Count: > 0 })
            errors.AddModelError(
            field, $"“{line}” is not a limit that rails share. Type the rails of this label and their watts, such as +5 V & +3.3 V 103 W.");
        return null;
    }

    private static Rail? Rail(ModelStateDictionary errors, string field, string line)
    {
        // The current is the last figure of the line; whatever stands before it names the rail.
        var words = line.Split([' ', '\t', '='], StringSplitOptions.RemoveEmptyEntries).ToList();
        if (words.Count > 1 && words[^1].Equals("A", StringComparison.OrdinalIgnoreCase)) words.RemoveAt(words.Count - 1);
        if (words.Count >= 2 && Named(string.Join(' ', words[..^1])) is var (output, label)
            && errors.NotNegative(field, words[^1], $"the current of {label ?? output.Name}", "A") is { } amps)
        {
            return new Rail(output, new Known<Amps>(new Amps(amps), Evidence.Label)) { Label = label };
        }

        if (errors[field] is not { Errors.Count: > 0 })
            errors.AddModelError(field, $"“{line}” is not a rail. Type its voltage and its current, such as +12 V 14 A.");
        return null;
    }

    // “12V2” and “+12 V 2” are second rails of their voltage; before a colon may stand any name of at most 20 letters.
    private static (Signal Output, string? Label)? Named(string text)
    {
        var colon = text.IndexOf(':');
        var (before, name) = colon < 0 ? ("", text) : (text[..colon].Trim(), text[(colon + 1)..].Trim());
        if (name.Length == 0) (before, name) = ("", before);
        if (before.Length > 20) return null;
        if (Core.Model.Rail.Numbered(name) is { } numbered) return (Twelve, numbered);
        if (Signal.Parse(name) is not { Family: SignalFamily.Supply } output) return null;
        return (output, before.Length == 0 || IsSame(before, output.Name) ? null : before);
    }
}
