using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What the rules say of things that get too hot, at peak.</summary>
internal static class SpotFindings
{
    public static IEnumerable<Finding> Of(CoolScene scene, CoolOutlook outlook)
    {
        foreach (var spot in outlook.Spots)
        {
            if (spot is not { Likely: { } likely, Worst: { } worst, Temperature: { } hot }) continue;
            // What is likely and heavy is told, else the worst that may be.
            var band = likely >= HeatBand.Throttles ? likely : worst;
            if (band == HeatBand.Comfortable) continue;
            var (isLikely, where) = (likely >= band, spot.Spot.Space < 0 ? "the room" : scene.Spaces[spot.Spot.Space].Name);
            var rule = spot.Spot.Kind == HotKind.SupplyIntake ? CoolRules.SupplyTooWarm : RuleOf(band);
            yield return Finding.Of(rule, new PartSubject(spot.Spot.Part),
                new OverHeatLimit(spot.Spot.Part, spot.Spot.Kind, hot.Likely, hot.High, new Celsius(spot.LimitOf(band)), spot.ChanceOf(band)),
                Words(spot, band, isLikely, where, outlook), spot.Spot.Evidence, [.. Remedies(spot.Spot)])
                with
            { Severity = Weight(rule, spot.Spot, band, isLikely) };
        }
    }

    private static Rule RuleOf(HeatBand band) => band switch
    {
        HeatBand.Warm => CoolRules.TooWarm,
        HeatBand.Throttles => CoolRules.Throttles,
        _ => CoolRules.Harmed,
    };

    // What only may be is looked at; so is what rests on a cooler that nobody named, or on the stricter of two sorts.
    private static Severity Weight(Rule rule, HotSpot spot, HeatBand band, bool isLikely)
    {
        if (band == HeatBand.Warm && !isLikely) return Severity.Note;
        if (!isLikely || !spot.IsSaid || spot.IsStrict) return Severity.Check;
        return spot.Kind == HotKind.SupplyIntake && band == HeatBand.Harmed ? Severity.Fix : rule.Severity;
    }

    private static string Words(SpotOutlook spot, HeatBand band, bool isLikely, string where, CoolOutlook outlook)
    {
        var name = spot.Spot.Kind == HotKind.SupplyIntake ? $"The air that {spot.Spot.Name} takes in" : spot.Spot.Name.Capitalised();
        var sort = spot.Spot.IsStrict ? " It counts as a spinning drive until somebody says what it is." : "";
        var air = spot.Spot.Space < 0 || spot.Spot.Kind == HotKind.SupplyIntake ? "" : $" in air of {outlook.Spaces[spot.Spot.Space].Likely} in {where}";
        return $"{name}: {(isLikely ? "" : "perhaps ")}{spot.Words(band)}: {spot.Temperature} at peak{air}. {Chance(spot.ChanceOf(band))}{sort}";
    }

    /// <summary>A chance in words, with how far it may be off.</summary>
    internal static string Chance(double chance) => chance switch
    {
        >= 1 - CoolBounds.Error => "Nearly certain, as far as the ranges go.",
        <= CoolBounds.Error => "Little chance, as far as the ranges go.",
        _ => $"The chance is {100 * chance:0} % (± {100 * CoolBounds.Error:0} %).",
    };

    private static IEnumerable<string> Remedies(HotSpot spot)
    {
        if (!spot.IsSaid) yield return "say which cooler it has: it is taken for a usual one";
        if (spot.IsStrict) yield return "say whether the drive has something in it that turns";
        yield return "let more air through: an opening, a larger fan, a cover that lets more through";
        if (spot.Kind is HotKind.Chip or HotKind.CardChip)
            yield return "hold it to fewer watts, once it is proven that its firmware or system can, and that the setting lasts";
        if (spot.Kind == HotKind.SupplyIntake) yield return "turn its intake to cooler air, or take the supply out of the shell, whole and closed";
    }
}
