using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Network;

/// <summary>Everything else that conducts: planes of parts, wires of leads and adapters, and the contacts of joints.</summary>
internal static class PartMetal
{
    /// <summary>Adds it. Switches that only make are closed, as a machine that is on has them; what also breaks is as at rest.</summary>
    public static void Add(Graft graft, Netlist netlist, SupplyMetal supplies, FeedMetal metal)
    {
        var joints = graft.Joints.DistinctBy(joint => joint.Id).ToDictionary(joint => joint.Id);
        var ports = new Dictionary<PortId, Conductors>();
        var stars = new Dictionary<int, int>();
        var apart = new SocketsApart(graft);
        foreach (var join in netlist.Joins)
        {
            var (one, other) = (netlist.Contacts[join.One], netlist.Contacts[join.Other]);
            switch (join.Kind)
            {
                case JoinKind.Joint:
                    var (from, to) = (ContactsOf(one), ContactsOf(other));
                    var met = new FeedBranch(one.Index, other.Index, Math.Max(from.Contact.Usual, to.Contact.Usual))
                    {
                        From = from,
                        FromContact = one.Index,
                        To = to,
                        ToContact = other.Index,
                    };
                    if (joints.GetValueOrDefault(join.Owner) is { } joint && WiresOf(joint, one) is { } wires)
                        AddWired(metal, met, wires, IsPluggedTwice(joint.Method));
                    else metal.Add(met);
                    break;
                case JoinKind.ByLabel:
                    if (!stars.TryGetValue(one.Index, out var star))
                    {
                        stars[one.Index] = star = metal.AddNode();
                        metal.Add(Wire(one, star));
                    }

                    metal.Add(Wire(other, star));
                    break;
                // What bridges contacts of one plug has no length.
                case JoinKind.Inside when one.Part.Kind.OnlyConducts() && one.Port.Id != other.Port.Id:
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
                case JoinKind.Plane when apart.Contains(one) || apart.Contains(other):
                    metal.Merge(one.Index, apart.HubOf(one, one));
                    metal.Merge(other.Index, apart.HubOf(one, other));
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

    private static double OhmsAt(CircuitContact contact) => GaugeOf(contact.Part.Awg).OhmsOver(contact.Port.LeadLength);

    private static WireGauge GaugeOf(int? awg) => WireGauge.Of(awg ?? WireGauge.Usual);

    private static string Note(int? awg) => $"wire of {GaugeOf(awg).Awg} AWG{(awg is null ? ", taken for granted" : "")}";

    private static bool IsPluggedTwice(JointMethod method) => method is JointMethod.Rebuild or JointMethod.Adapter;

    // The wire of a joint lies between its two contacts. A lead that is made or bought has a plug at each end; what is soldered has one contact at most.
    private static void AddWired(FeedMetal metal, FeedBranch met, Conductors wires, bool isPluggedTwice)
    {
        var (near, far) = (metal.AddNode(), metal.AddNode());
        metal.Add(met with { Other = near, Ohms = isPluggedTwice ? met.From!.Contact.Usual : met.Ohms, To = null, ToContact = null });
        metal.Add(new FeedBranch(near, far, SupplyMetal.Next + wires.WireOhms) { From = wires, FromContact = met.FromContact });
        metal.Add(new FeedBranch(far, met.Other, isPluggedTwice ? met.To!.Contact.Usual : SupplyMetal.Next) { To = met.To, ToContact = met.ToContact });
    }

    // Where a lead is made, or somebody said of what wire.
    private static Conductors? WiresOf(Joint joint, CircuitContact from)
    {
        var makesWires = IsPluggedTwice(joint.Method)
            || (joint.Method is JointMethod.Splice or JointMethod.Bridge && joint is not { Awg: null, Length: null });
        if (!makesWires) return null;
        var gauge = GaugeOf(joint.Awg);
        return new Conductors(
            new FeedLimitKey(FeedLimitKind.Lead, At: joint.Id), $"in the wires from {from.Port.Name} of {from.Part.Name}", "wires",
            new JointSubject(joint.Id), gauge.Amps, Note(joint.Awg), ContactOhms.Of(from.Port.Type), gauge.OhmsOver(joint.Length));
    }

    private static Conductors WiresAt(CircuitContact contact)
    {
        var gauge = GaugeOf(contact.Part.Awg);
        return new Conductors(
            new FeedLimitKey(FeedLimitKind.Lead, Port: contact.Id.Port), $"in the wires of {contact.Part.Name} at {contact.Port.Name}", contact.Part.Name,
            new PartSubject(contact.Part.Id), gauge.Amps, Note(contact.Part.Awg), ContactOhms.Of(contact.Port.Type), OhmsAt(contact));
    }
}
