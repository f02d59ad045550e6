using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>What is written on contacts that only conduct, against what arrives there.</summary>
/// <remarks>On a lead or an adapter it is a label, compared and never believed. On a leg of a panel it says what the leg is for: a light or switch on another's
/// contact does another's job.</remarks>
internal static class LabelRules
{
    public static IEnumerable<Clash> Of(NetState state)
        => from net in state.Nets
           where net.Actors.Length < net.Contacts.Length
           from label in net.Labelled.DistinctBy(contact => (contact.Id.Port, contact.Signal.Name))
           let clash = label.Part.Kind.OnlyConducts() ? OnConductor(label, net) : OnLeg(label, net)
           where clash is not null
           select clash;

    /// <summary>Whether what a contact gives or drives is not what another, which only conducts, is said to carry.</summary>
    public static bool Departs(Terminal giver, Terminal label)
    {
        if (!label.Signal.IsMeaningful || !label.IsLabel) return false;
        // Either wire of a button may have the ground, one button does as well as another, and a switch may lie in series with a feed.
        if (label.Family == SignalFamily.Switch
            && (giver.Family is SignalFamily.Switch or SignalFamily.Ground || (giver.Family == SignalFamily.Supply && label.PartKind == PartKind.Switch)))
            return false;
        return (label.Signal.SupplyVoltage, giver.Role.Gives) switch
        {
            ({ } said, { } given) => !VoltSpan.Around(said, Tolerances.Rail).Contains(given),
            (null, null) => giver.Role.Kind != RoleKind.Unknown && !NetRules.BelongTogether(label.Signal, giver.Signal),
            ({ }, null) => giver.Role.Kind is not (RoleKind.Load or RoleKind.Unknown),
            (null, { }) => true,
        };
    }

    private static Clash? OnConductor(CircuitContact label, Net net)
    {
        if (net.Feed is { } feed)
        {
            return Departs(feed.Terminal, label.Terminal) ? Differs(feed, label)
                : feed.Role.Kind == RoleKind.Rail && IsMadeInside(label, net) ? new Clash(ConflictKind.LabelNotGiven, Severity.Check, label, feed) : null;
        }

        // What is not fed is told as that.
        return net.Actors.FirstOrDefault(actor => Departs(actor.Terminal, label.Terminal)) is { } other ? Differs(other, label) : null;
    }

    // A go-between whose inside nobody described, with a label for a board that nothing on its other side has: a step-up, or a slip of the label.
    private static bool IsMadeInside(CircuitContact label, Net net)
        => label.Part.Kind == PartKind.Adapter && label.Part.Links.IsEmpty
            && !net.Contacts.Any(contact => contact.Part.Id == label.Part.Id && contact.Port.Id != label.Port.Id);

    private static Clash? OnLeg(CircuitContact leg, Net net)
    {
        foreach (var actor in net.Actors)
        {
            if (actor.Terminal.IsSignal && LegRules.Judge(actor.Terminal, leg.Terminal) is { Kind: { } kind } verdict)
                return new Clash(kind, verdict.Severity, actor, leg);
        }

        return null;
    }

    private static Clash Differs(CircuitContact arrives, CircuitContact label) => new(ConflictKind.LabelDiffers, Severity.Check, arrives, label);
}
