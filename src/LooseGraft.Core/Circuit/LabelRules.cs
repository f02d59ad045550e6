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
        => from net in state.Nets.Values
           from label in net.Contacts.Where(contact => contact is { Role.Kind: RoleKind.Passive, Signal.IsMeaningful: true })
               .DistinctBy(contact => (contact.Part.Id, contact.Port.Id, contact.Signal))
           let clash = label.Part.Kind.OnlyConducts() ? OnConductor(label, net) : OnLeg(label, net)
           where clash is not null
           select clash;

    /// <summary>Whether what a contact gives or drives is not what another, which only conducts, is said to carry.</summary>
    public static bool Departs(CircuitContact giver, CircuitContact label)
    {
        if (!label.Signal.IsMeaningful || !label.Part.Kind.OnlyConducts() || IsSwitch(label)) return false;
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
        if (net.Feed is { } feed) return Departs(feed, label) ? Differs(feed, label) : null;
        if (label.Signal.SupplyVoltage is not null && net.Of(RoleKind.Load).FirstOrDefault() is { } load)
            return new Clash(ConflictKind.LabelNotGiven, Severity.Check, label, load);
        return net.Actors.FirstOrDefault(actor => Departs(actor, label)) is { } other ? Differs(other, label) : null;
    }

    private static Clash? OnLeg(CircuitContact leg, Net net)
    {
        if (leg.Signal.Name == SpareSwitch) return null;
        var other = net.Actors.FirstOrDefault(actor => actor.Role.Kind is RoleKind.Driver or RoleKind.Input && actor.Signal != leg.Signal);
        // A loudspeaker the wrong way round is out of step with its neighbour, and no more.
        if (other is null || (leg.Signal.Entry?.Drive == SignalDrive.Bridge && other.Role.Drive == SignalDrive.Bridge)) return null;
        return leg.Signal.Polarity != 0 && leg.Signal.Function == other.Signal.Function
            ? new Clash(ConflictKind.LightReversed, Severity.Check, other, leg) : new Clash(ConflictKind.OtherSignal, Severity.Fix, other, leg);
    }

    // A switch the builder gives a job of its own belongs wherever it is put.
    private const string SpareSwitch = "spare-switch";

    private static bool IsSwitch(CircuitContact contact) => contact.Signal.Family == SignalFamily.Switch;

    private static Clash Differs(CircuitContact arrives, CircuitContact label) => new(ConflictKind.LabelDiffers, Severity.Check, arrives, label);
}
