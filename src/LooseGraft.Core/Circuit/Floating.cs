using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>A fan or lamp that hangs between two supplies, its return on the lower one: 7 V between +12 and +5.</summary>
/// <remarks>It returns its current into the lower supply, which bears that only as long as others take more of it; so it is a caution. Through a board's
/// header it stays a short: what the header's supply is made of is not known.</remarks>
internal static class Floating
{
    /// <summary>The caution that takes the place of a supply on a return; null when it is a short after all.</summary>
    public static Clash? Over(Clash shorted, Net net, NetState state)
    {
        var (lower, ground) = (shorted.Giver, shorted.Taker);
        if (lower.Role.Kind != RoleKind.Source || !ground.Part.Kind.RunsOnLess() || net.Of(RoleKind.Ground).Count() > 1) return null;
        var others = state.OfPart(ground.Part.Id)
            .Where(entry => entry.Net != net && entry.Contact.Role.Kind != RoleKind.Passive).ToArray();
        // A tacho or control line would lift a board's pin to the lower supply.
        if (others.Length == 0 || others.Any(entry => entry.Contact.Role.Kind != RoleKind.Load)) return null;
        return others.All(entry => entry.Net.Feed is { Role: { Kind: RoleKind.Source, Gives: { } upper } }
            && upper.High - lower.Role.Gives!.Value.Low is var across && across > Volts.Zero && across <= entry.Contact.Role.Wants!.Value.High)
            ? new Clash(ConflictKind.BetweenSupplies, Severity.Check, lower, ground) : null;
    }
}
