namespace LooseGraft.Core.Circuit;

/// <summary>Which contacts are one net, in one state of the switches: union-find over the joins that are made in it.</summary>
/// <remarks>Time nearly linear in contacts and joins.</remarks>
internal sealed class Nets
{
    private readonly int[] _parent;
    private readonly Netlist _netlist;

    public Nets(Netlist netlist, Func<Join, bool> isMade)
    {
        _netlist = netlist;
        _parent = new int[netlist.Contacts.Length];
        for (var contact = 0; contact < _parent.Length; contact++) _parent[contact] = contact;
        foreach (var join in netlist.Joins)
        {
            if (isMade(join)) _parent[Root(join.One)] = Root(join.Other);
        }
    }

    /// <summary>The number that stands for the net of a contact.</summary>
    public int Root(int contact)
    {
        while (_parent[contact] != contact) contact = _parent[contact] = _parent[_parent[contact]];
        return contact;
    }

    /// <summary>Every net of more than one contact, contacts in their order.</summary>
    public IReadOnlyDictionary<int, Net> All()
    {
        var sizes = new int[_parent.Length];
        for (var contact = 0; contact < sizes.Length; contact++) sizes[Root(contact)]++;
        var nets = new Dictionary<int, List<CircuitContact>>();
        foreach (var contact in _netlist.Contacts)
        {
            var root = Root(contact.Index);
            if (sizes[root] == 1) continue;
            if (!nets.TryGetValue(root, out var net)) nets[root] = net = new List<CircuitContact>(sizes[root]);
            net.Add(contact);
        }

        return nets.ToDictionary(net => net.Key, net => new Net(net.Value));
    }
}
