using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Network;

/// <summary>Everything else that conducts: planes of parts, wires of leads and adapters, and the contacts of joints.</summary>
internal static class PartMetal
{
    private const int UsualAwg = 18;

    /// <summary>Adds it. Switches that only make are closed, as a machine that is on has them; what also breaks is as at rest.</summary>
    public static void Add(Netlist netlist, SupplyMetal supplies, FeedMetal metal)
    {
        var ports = new Dictionary<PortId, Conductors>();
        var stars = new Dictionary<int, int>();
        foreach (var join in netlist.Joins)
        {
            var (one, other) = (netlist.Contacts[join.One], netlist.Contacts[join.Other]);
            switch (join.Kind)
            {
                case JoinKind.Joint:
                    var (from, to) = (ContactsOf(one), ContactsOf(other));
                    metal.Add(new FeedBranch(one.Index, other.Index, Math.Max(from.Contact.Usual, to.Contact.Usual))
                    {
                        From = from,
                        FromContact = one.Index,
                        To = to,
                        ToContact = other.Index,
                    });
                    break;
                case JoinKind.ByLabel:
                    if (!stars.TryGetValue(one.Index, out var star))
                    {
                        stars[one.Index] = star = metal.AddNodes(1);
                        metal.Add(Wire(one, star));
                    }

                    metal.Add(Wire(other, star));
                    break;
                case JoinKind.Inside when one.Part.Kind.OnlyConducts():
                    metal.Add(Wire(one, other.Index) with
                    {
                        Ohms = SupplyMetal.Next + OhmsAt(one) + OhmsAt(other),
                        To = WiresAt(other),
                        ToContact = other.Index,
                    });
                    break;
                case JoinKind.Plane when supplies.IsOutput(one):
                case JoinKind.Throw when !join.IsClosedAtRest:
                    break;
                default:
                    metal.Merge(one.Index, other.Index);
                    break;
            }
        }

        Conductors ContactsOf(CircuitContact contact)
            => ports.TryGetValue(contact.Id.Port, out var known) ? known : ports[contact.Id.Port] = supplies.ContactsOf(contact.Part, contact.Port);
    }

    // From a contact of a lead to the middle of it, or to its far end.
    private static FeedBranch Wire(CircuitContact contact, int to) => new(contact.Index, to, SupplyMetal.Next + OhmsAt(contact))
    {
        From = WiresAt(contact),
        FromContact = contact.Index,
    };

    private static double OhmsAt(CircuitContact contact) => WireGauge.Of(UsualAwg).OhmPerMetre * (contact.Port.LeadLength?.Value ?? 0) / 1000;

    private static Conductors WiresAt(CircuitContact contact)
    {
        var gauge = WireGauge.Of(UsualAwg);
        return new Conductors(
            new FeedLimitKey(FeedLimitKind.Lead, Port: contact.Id.Port), $"in the wires of {contact.Part.Name} at {contact.Port.Name}", contact.Part.Name,
            new PartSubject(contact.Part.Id), gauge.Amps, $"wire of {gauge.Awg} AWG, taken for granted", ContactOhms.Of(contact.Port.Type), OhmsAt(contact));
    }
}
