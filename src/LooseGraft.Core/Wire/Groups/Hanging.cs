using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>What hangs on which contact through joints, leads and adapters, but not through the planes of parts nor through switches: one header, one fan, one
/// pair.</summary>
internal sealed class Hanging
{
    private readonly CircuitReview _circuit;
    private readonly NetState _nets;
    private readonly ILookup<PortId, JointReview> _joints;
    private readonly ILookup<string, HangingPort> _ofPart;

    public Hanging(CircuitReview circuit, IEnumerable<JointReview> joints)
    {
        _circuit = circuit;
        _nets = new NetState(circuit.Netlist, join => join.Kind is not (JoinKind.Plane or JoinKind.Switch or JoinKind.Throw));
        Ports = [.. PortsOf(circuit.Netlist)];
        _ofPart = Ports.ToLookup(port => port.Part.Id);
        _joints = joints.SelectMany(review => new[] { (Port: review.From.Id, Review: review), (Port: review.To.Id, Review: review) })
            .ToLookup(end => end.Port, end => end.Review);
    }

    // The contacts of a port follow each other.
    private static IEnumerable<HangingPort> PortsOf(Netlist netlist)
    {
        for (var first = 0; first < netlist.Contacts.Length;)
        {
            var port = netlist.Contacts[first].Port;
            yield return new HangingPort(netlist.Contacts[first].Id.Port, netlist.Contacts.Slice(first, port.PositionCount));
            first += port.PositionCount;
        }
    }

    /// <summary>Every port of the graft.</summary>
    public IReadOnlyList<HangingPort> Ports { get; }

    /// <summary>The ports from which USB is looked at, found once for the rules that ask.</summary>
    public IReadOnlyList<HangingPort> UsbHosts => field ??= [.. UsbRules.Hosts(this)];

    /// <summary>What acts on the net of a contact, and is not on the same port.</summary>
    public IEnumerable<CircuitContact> Others(CircuitContact contact)
        => _nets.Of(contact)?.Contacts.Where(other => other.Id.Port != contact.Id.Port && !other.Terminal.IsLabel) ?? [];

    /// <summary>Whether the parts of two contacts have a ground in common, by whatever way; what sits in the plugs of a panel has that of its own
    /// plug. A shield is none.</summary>
    public bool HaveCommonGround(CircuitContact one, CircuitContact other)
        => Grounds(one).Select(_circuit.Open.Of).OfType<Net>().Intersect(Grounds(other).Select(_circuit.Open.Of).OfType<Net>()).Any();

    /// <summary>Whether anything at all is on the net of a contact that is not a bare conductor.</summary>
    public bool IsServed(CircuitContact contact)
        => _nets.Of(contact) is { } net
            && net.Contacts.Any(other => other != contact && other.Terminal.Conducts && other.Signal.IsMeaningful && !other.Terminal.IsLabel);

    private IEnumerable<CircuitContact> Grounds(CircuitContact contact)
        => _ofPart[contact.Part.Id].Where(port => contact.Part.Kind.HasOnePlane() || port.Id == contact.Id.Port)
            .SelectMany(port => port.Of(SignalFamily.Ground)).Where(ground => ground.Role.Kind != RoleKind.Chassis);

    /// <summary>Id of the joint that serves the first of some contacts that any serves; null when none does.</summary>
    public string? JointOf(IEnumerable<CircuitContact> contacts)
        => contacts.SelectMany(contact => _joints[contact.Id.Port].Where(review => Serves(review, contact.Id))).FirstOrDefault()?.Joint.Id;

    private static bool Serves(JointReview review, ContactId contact) => review.Decided.Any(wire
        => (review.From.Id == contact.Port && wire.From == contact.Position) || (review.To.Id == contact.Port && wire.To == contact.Position));
}
