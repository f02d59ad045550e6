using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>A port with its contacts as nodes of the circuit.</summary>
/// <param name="Id">The port.</param>
/// <param name="Contacts">Its contacts, position 1 first.</param>
internal sealed record HangingPort(PortId Id, IReadOnlyList<CircuitContact> Contacts)
{
    public Part Part => Contacts[0].Part;

    public string Name => Contacts[0].Port.Name;

    /// <summary>Its contact of that name that conducts; null when it has none.</summary>
    public CircuitContact? Find(string signal) => Contacts.FirstOrDefault(contact => contact.Signal.Name == signal && contact.Terminal.Conducts);

    /// <summary>Its contacts of a family that conduct.</summary>
    public IEnumerable<CircuitContact> Of(SignalFamily family) => Contacts.Where(contact => contact.Signal.Family == family && contact.Terminal.Conducts);
}
