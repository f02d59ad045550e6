using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>Which contacts a contact reaches through joints, leads and adapters, but not through the planes of boards: what hangs on one header.</summary>
internal sealed class ContactReach
{
    private readonly Dictionary<(PortId Port, int Position), List<(PortId Port, int Position)>> _beside = [];

    public ContactReach(Graft graft, IEnumerable<JointReview> joints)
    {
        foreach (var review in joints)
        {
            foreach (var contact in review.Decided.Where(contact => contact.Judgement.IsRight))
                Join((review.From.Id, contact.From), (review.To.Id, contact.To));
        }

        foreach (var part in graft.Parts)
        {
            foreach (var link in part.Links.Where(link => link.Kind == LinkKind.Wire))
                Join((new PortId(part.Id, link.One.Port), link.One.Position), (new PortId(part.Id, link.Other.Port), link.Other.Position));
            if (part.Links.IsEmpty && part.Kind is PartKind.Lead or PartKind.Adapter) JoinByName(part);
        }
    }

    /// <summary>Every contact reached, the first one included.</summary>
    public IReadOnlySet<(PortId Port, int Position)> From(PortId port, int position)
    {
        var (seen, waiting) = (new HashSet<(PortId, int)>(), new Stack<(PortId, int)>([(port, position)]));
        while (waiting.TryPop(out var at))
        {
            if (!seen.Add(at) || !_beside.TryGetValue(at, out var next)) continue;
            foreach (var contact in next) waiting.Push(contact);
        }

        return seen;
    }

    // A lead whose inside nobody described is taken to join what has the same name.
    private void JoinByName(Part part)
    {
        foreach (var same in from port in part.Ports
                             from pin in port.Pins
                             where pin.Contact == ContactState.Wired && pin.Signal.Value.IsMeaningful
                             group (new PortId(part.Id, port.Id), pin.Position) by pin.Signal.Value)
        {
            var first = same.First();
            foreach (var other in same.Skip(1)) Join(first, other);
        }
    }

    private void Join((PortId, int) one, (PortId, int) other)
    {
        Beside(one).Add(other);
        Beside(other).Add(one);

        List<(PortId, int)> Beside((PortId, int) contact) => _beside.TryGetValue(contact, out var list) ? list : _beside[contact] = [];
    }
}
