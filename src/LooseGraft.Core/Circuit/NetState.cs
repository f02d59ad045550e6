using System.Collections.Immutable;

namespace LooseGraft.Core.Circuit;

/// <summary>The nets in one state of the switches, found by walking over the joins that are made in it.</summary>
/// <remarks>Time linear in contacts and joins; a net from which a join is taken is walked again, and no other.</remarks>
internal sealed class NetState
{
    private readonly Netlist _netlist;
    private readonly Func<Join, bool> _isMade;
    private readonly Net?[] _of;

    // What was not walked here is as it is there.
    private readonly NetState? _elsewhere;
    private readonly bool[]? _isOwn;

    // The last walk that came by each contact. A state that is only read needs none.
    private int[]? _seen;
    private int _walk;

    public NetState(Netlist netlist, Func<Join, bool> isMade)
    {
        (_netlist, _isMade, _of) = (netlist, isMade, new Net?[netlist.Contacts.Length]);
        Walk(netlist.Contacts);
    }

    private NetState(NetState state, Func<Join, bool> isMade)
    {
        (_netlist, _isMade, _of) = (state._netlist, isMade, [.. state._of]);
        (_elsewhere, _isOwn) = (state._elsewhere, state._isOwn);
    }

    private NetState(NetState elsewhere, ImmutableArray<CircuitContact> around, Func<Join, bool> isMade)
    {
        (_netlist, _isMade, _of, _elsewhere) = (elsewhere._netlist, isMade, new Net?[elsewhere._of.Length], elsewhere);
        Walk(around);
        _isOwn = Array.ConvertAll(_seen!, walk => walk != 0);
    }

    /// <summary>Every net of more than one contact, in the order of their first contacts in the graft; of nets that are the same elsewhere none.</summary>
    public IEnumerable<Net> Nets
    {
        get
        {
            for (var at = 0; at < _of.Length; at++)
            {
                if (_of[at] is { } net && net.Contacts[0].Index == at) yield return net;
            }
        }
    }

    /// <summary>How many pairs of acting contacts there are to judge.</summary>
    public long Pairs => Nets.Sum(net => net.Pairs);

    /// <summary>Whether every acting contact is judged.</summary>
    public bool IsWhole => Nets.All(net => net.IsWhole);

    /// <summary>The net a contact is in; null when it is alone.</summary>
    public Net? Of(CircuitContact contact) => _isOwn is null || _isOwn[contact.Index] ? _of[contact.Index] : _elsewhere!.Of(contact);

    /// <summary>A number for the net a contact is in, or for the contact where it is alone.</summary>
    public int NodeOf(CircuitContact contact) => Of(contact) is { } net ? net.Contacts[0].Index : contact.Index;

    /// <summary>A state that differs from this one only in nets that some contacts are in.</summary>
    /// <param name="contacts">One contact at least of each net that differs, in either state.</param>
    /// <param name="isMade">The joins that are made in it.</param>
    public NetState Around(ImmutableArray<CircuitContact> contacts, Func<Join, bool> isMade) => new(this, contacts, isMade);

    /// <summary>The nets that contacts of a part are in, with those contacts.</summary>
    public List<(CircuitContact Contact, Net Net)> OfPart(string part)
    {
        var found = new List<(CircuitContact Contact, Net Net)>();
        foreach (var contact in _netlist.ContactsOf(part))
        {
            if (Of(contact) is { } net) found.Add((contact, net));
        }

        return found;
    }

    /// <summary>The same nets, to be changed by themselves.</summary>
    public NetState Copy() => new(this, _isMade);

    /// <summary>The nets with some more joins made.</summary>
    /// <param name="joins">The joins that are made now and were not before.</param>
    /// <param name="isMade">The joins that are made then.</param>
    public NetState With(IEnumerable<Join> joins, Func<Join, bool> isMade)
    {
        var state = new NetState(this, isMade);
        foreach (var join in joins)
        {
            if (state._of[join.One] is null || state._of[join.One] != state._of[join.Other]) state.Walk([_netlist.Contacts[join.One]]);
        }

        return state;
    }

    /// <summary>The nets after some joins were taken out.</summary>
    public NetState Without(IEnumerable<Join> joins)
    {
        var state = Copy();
        foreach (var net in joins.Select(join => state._of[join.One]).OfType<Net>().Distinct().ToArray()) state.Split(net);
        return state;
    }

    /// <summary>Walks a net again after one of its joins was taken out.</summary>
    /// <returns>What it fell into.</returns>
    public IReadOnlyList<Net> Split(Net net)
    {
        foreach (var contact in net.Contacts) _of[contact.Index] = null;
        return Walk(net.Contacts);
    }

    private List<Net> Walk(ImmutableArray<CircuitContact> contacts)
    {
        _walk++;
        var seen = _seen ??= new int[_of.Length];
        var (found, reached) = (new List<Net>(), new List<int>());
        foreach (var start in contacts)
        {
            if (seen[start.Index] == _walk) continue;
            seen[start.Index] = _walk;
            reached.Clear();
            reached.Add(start.Index);
            for (var next = 0; next < reached.Count; next++)
            {
                var at = reached[next];
                foreach (var join in _netlist.JoinsAt(at))
                {
                    var far = join.From(at);
                    if (seen[far] == _walk || !_isMade(join)) continue;
                    seen[far] = _walk;
                    reached.Add(far);
                }
            }

            if (reached.Count > 1) found.Add(Keep(reached));
        }

        return found;
    }

    private Net Keep(List<int> reached)
    {
        reached.Sort();
        var contacts = ImmutableArray.CreateBuilder<CircuitContact>(reached.Count);
        foreach (var contact in reached) contacts.Add(_netlist.Contacts[contact]);
        var net = new Net(contacts.MoveToImmutable());
        foreach (var contact in reached) _of[contact] = net;
        return net;
    }
}
