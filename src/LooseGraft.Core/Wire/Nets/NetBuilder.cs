using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Nets;

/// <summary>Joins contacts into nets by union-find over joints, links inside parts, and the planes that boards and supplies tie their grounds and supplies
/// to.</summary>
/// <remarks>Time nearly linear in contacts and links, once for each state of the switches.</remarks>
internal sealed class NetBuilder
{
    private readonly Dictionary<(PortId Port, int Position), (PortId Port, int Position)> _parent = [];
    private readonly IReadOnlyDictionary<PortId, JointEnd> _ends;

    public NetBuilder(IReadOnlyDictionary<PortId, JointEnd> ends, IEnumerable<JointReview> joints,
        IEnumerable<(PortId One, int OnePosition, PortId Other, int OtherPosition)> links)
    {
        _ends = ends;
        foreach (var review in joints)
        {
            // A short face to face is told there; followed further it would join whole planes and be told again of all they reach.
            foreach (var contact in review.Decided.Where(
                contact
                => contact.Judgement.Outcome is not (ContactOutcome.SupplyToGround or ContactOutcome.SupplyToSupply)
                && review.From.At(contact.From).Conducts && review.To.At(contact.To).Conducts))
                Join((review.From.Id, contact.From), (review.To.Id, contact.To));
            foreach (var (tie, _) in review.Ties.Where(tied => !tied.Judgement.IsStop)) Join(KeyOf(review, tie.One), KeyOf(review, tie.Other));
        }

        foreach (var (one, onePosition, other, otherPosition) in links) Join((one, onePosition), (other, otherPosition));
        foreach (var plane in ends.Values.Where(end => HasPlanes(end.Part.Kind)).SelectMany(end => Planes(end))
            .GroupBy(contact => (contact.End.Part.Id, contact.Terminal.Signal)))
        {
            var first = plane.First();
            foreach (var contact in plane.Skip(1)) Join(first.Key, contact.Key);
        }
    }

    /// <summary>The nets of more than one contact.</summary>
    public IEnumerable<Net> Nets()
        => _parent.Keys.ToArray().GroupBy(Root).Select(net => new Net([.. net.Select(key => new NetContact(_ends[key.Port], key.Position))]))
            .Where(net => net.Contacts.Length > 1);

    private static (PortId, int) KeyOf(JointReview review, LeadEnd end) => ((end.IsFrom ? review.From : review.To).Id, end.Position);

    private static IEnumerable<NetContact> Planes(JointEnd end)
        => end.Terminals.Where(terminal => terminal.Conducts && (terminal.Family is SignalFamily.Ground or SignalFamily.Supply))
            .Select(terminal => new NetContact(end, terminal.Pin.Position));

    private static bool HasPlanes(PartKind kind) => kind is PartKind.Board or PartKind.Supply or PartKind.Brick or PartKind.Converter;

    private void Join((PortId, int) one, (PortId, int) other) => _parent[Root(one)] = Root(other);

    private (PortId Port, int Position) Root((PortId Port, int Position) contact)
    {
        _parent.TryAdd(contact, contact);
        var root = contact;
        while (_parent[root] != root) root = _parent[root];
        while (_parent[contact] != root) (contact, _parent[contact]) = (_parent[contact], root);
        return root;
    }
}
