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

    /// <summary>The net a contact is in; null when it is alone.</summary>
    public Net? Of(CircuitContact contact) => Nets.GetValueOrDefault(_nets.Root(contact.Index));
}
