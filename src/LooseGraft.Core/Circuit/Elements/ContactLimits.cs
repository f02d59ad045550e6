using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>Contacts of switches and relays against the volts that they must break.</summary>
/// <remarks>A contact is made for so many volts because at more the spark of its opening does not go out.</remarks>
internal static class ContactLimits
{
    public static IEnumerable<Clash> Of(Netlist netlist, NetState rest)
        => from moving in netlist.Joins
           where moving.Kind is JoinKind.Switch or JoinKind.Throw
           let contact = netlist.Contacts[moving.One]
           let link = contact.Part.Links.FirstOrDefault(link => link.Kind.Moves() && link.Figures.Volts is not null
               && netlist.Find(contact.Part, link.One)?.Index == moving.One && netlist.Find(contact.Part, link.Other)?.Index == moving.Other)
           where link is not null
           from leg in new[] { contact, netlist.Contacts[moving.Other] }
           let feed = rest.Of(leg)?.Feed
           where feed is not null && Math.Abs(feed.Role.Gives!.Value.High.Value) > link.Figures.Volts!.Value.Value
           select new Clash(ConflictKind.ContactTooSmall, Severity.Fix, feed, leg)
           {
               Flow = new ElementFlow(link, feed.Role.Gives!.Value.High, Quantities.Amps.Zero),
           };
}
