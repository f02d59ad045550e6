namespace LooseGraft.Core.Circuit;

/// <summary>The nets in one state of the switches.</summary>
internal sealed class NetState
{
    private readonly Nets _nets;

    public NetState(Netlist netlist, Func<Join, bool> isMade)
    {
        _nets = new Nets(netlist, isMade);
        Nets = _nets.All();
    }

    /// <summary>Every net of more than one contact.</summary>
    public IReadOnlyDictionary<int, Net> Nets { get; }

    /// <summary>How many pairs of acting contacts there are to judge.</summary>
    public long Pairs => Nets.Values.Sum(net => (long)net.Actors.Length * net.Actors.Length);

    /// <summary>Whether every acting contact is judged.</summary>
    public bool IsWhole => Nets.Values.All(net => net.IsWhole);

    /// <summary>The net a contact is in; null when it is alone.</summary>
    public Net? Of(CircuitContact contact) => Nets.GetValueOrDefault(_nets.Root(contact.Index));
}
