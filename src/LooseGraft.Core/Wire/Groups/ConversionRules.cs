using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>Joints whose two sides mean the same, but say it otherwise.</summary>
public static class ConversionRules
{
    /// <summary>The converter that the two sides of a joint would need; null when a wire may do, or when they have nothing to say to each other.</summary>
    public static Conversion? Between(JointEnd from, JointEnd to)
    {
        var (here, there) = (Names(from), Names(to));
        // What the two sides have in common beside it, such as sound, does not make the picture fit.
        return Conversion.All.FirstOrDefault(conversion => IsBetween(conversion.One, conversion.Other) || IsBetween(conversion.Other, conversion.One));

        bool IsBetween(IReadOnlyList<string> one, IReadOnlyList<string> other)
            => here.Overlaps(one) && there.Overlaps(other) && !one.Concat(other).Any(name => here.Contains(name) && there.Contains(name));
    }

    internal static IEnumerable<Finding> Of(JointReview review)
    {
        if (review.Joint.Method == JointMethod.LeaveOff || Between(review.From, review.To) is not { } conversion) yield break;
        yield return Finding.Of(WireRules.NeedsConverter, new JointSubject(review.Joint.Id),
            $"{review.To.Port.Name} on {review.From.Port.Name}: no wire makes this work. {conversion.Why.Capitalised()}.",
            review.From.Terminals.Concat(review.To.Terminals).Where(terminal => terminal.Signal.IsMeaningful).Select(terminal => terminal.Pin.Signal.Evidence)
                .Weakest(),
            $"{conversion.Converter}: {conversion.Needs}", "leave it off");
    }

    // Grounds and supplies are common to everything; what is said is in the rest.
    private static HashSet<string> Names(JointEnd end)
        => [.. end.Terminals.Where(
            terminal => terminal.Conducts && terminal.Signal.IsMeaningful && terminal.Family is not (SignalFamily.Ground or SignalFamily.Supply))
            .Select(terminal => terminal.Signal.Name)];
}
