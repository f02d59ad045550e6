using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>A part that takes current and that no joint leads to yet, or whose power socket is still empty, with the joints that would mend it.</summary>
/// <param name="Part">Id of the part.</param>
/// <param name="Flows">What of it is not wired; none where only a socket is empty.</param>
/// <param name="Joints">The joints that could be made: what gives, and the socket it goes into. None where nothing free fits.</param>
/// <param name="Adapters">The adapters by which plugs of another kind would serve its sockets, as far as they bear what it takes.</param>
public sealed record LooseEnd(
    string Part, ImmutableArray<FeedFlow> Flows, ImmutableArray<(PortId From, PortId To)> Joints, ImmutableArray<JoinByAdapter> Adapters)
{
    /// <summary>Every loose end of a graft. A plug is offered to one socket only: to the one it is meant for, otherwise to the first that it fits.</summary>
    public static IEnumerable<LooseEnd> Of(Graft graft, FeedReview feed)
    {
        var taken = graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff).SelectMany(joint => new[] { joint.From, joint.To }).ToHashSet();
        var flows = feed.Flows.All.Where(flow => flow.Hold is FeedHold.Meant or FeedHold.NotWired).ToLookup(flow => flow.Consumer);
        // What is meant for one part is offered to no other.
        var joints = (from part in graft.Parts from made in Meant(graft, feed, part, flows[part.Id], taken) select (part.Id, made)).ToList();
        joints.AddRange(from part in graft.Parts from made in Fitting(graft, part, taken) select (part.Id, made));
        var ofPart = joints.ToLookup(joint => joint.Id, joint => joint.made);
        var adapters = feed.Plugs.Served(graft).Select(served => ByAdapter(graft, served.Port, served.Adapter, taken)).OfType<JoinByAdapter>()
            .ToLookup(each => each.Socket.Part);
        return from part in graft.Parts
               where flows.Contains(part.Id) || ofPart.Contains(part.Id) || adapters.Contains(part.Id)
               select new LooseEnd(part.Id, [.. flows[part.Id]], [.. ofPart[part.Id]], [.. adapters[part.Id]]);
    }

    // Plugs that are offered as they are to another socket are not offered by an adapter too.
    private static JoinByAdapter? ByAdapter(Graft graft, WantingPort wanting, AdapterOffer? offer, HashSet<PortId> taken)
    {
        if (offer is not { Carries: true }) return null;
        var plugs = offer.Plugs.Select(plug => PortOf(graft, new MeantWay(plug.Supply) { Plug = plug.Name })).OfType<PortId>().ToArray();
        return plugs.Length < offer.Plugs.Length || plugs.Any(taken.Contains)
            ? null : new JoinByAdapter(offer.Adapter, new PortId(wanting.Part.Id, wanting.Port.Id), [.. plugs]);
    }

    private static IEnumerable<(PortId From, PortId To)> Meant(Graft graft, FeedReview feed, Part part, IEnumerable<FeedFlow> flows, HashSet<PortId> taken)
    {
        var wanted = flows.Select(flow => flow.Rail.Output.Name).ToHashSet();
        var ways = graft.Loads.Where(load => load.Part == part.Id).Select(load => load.Meant)
            .Concat(graft.Supplies.Where(supply => supply.Part == part.Id && supply.Meant is not null && feed.Flows.Into(supply)?.Hold == FeedHold.Meant)
                .Select(supply => new MeantWay(supply.Meant!.Supply) { Plug = supply.Meant.Plug }));
        foreach (var way in ways.OfType<MeantWay>().Where(_ => wanted.Count > 0))
        {
            if (PortOf(graft, way) is not { } from || taken.Contains(from) || graft.FindPort(from) is not { } giver) continue;
            var free = part.Ports.Where(port => !taken.Contains(new PortId(part.Id, port.Id)) && port.Gender != giver.Gender && Carries(port, wanted.Contains));
            var mate = free.FirstOrDefault(port => port.Type == giver.Type)
                ?? free.FirstOrDefault(port => giver.Type.Housing == Housing.Header && port.Type.Housing == Housing.Header);
            if (mate is null) continue;
            taken.UnionWith([from, new PortId(part.Id, mate.Id)]);
            yield return (from, new PortId(part.Id, mate.Id));
        }
    }

    // A plug of a supply, or a port by which a board feeds on, of the socket's own kind that carries something of what the socket has contacts for.
    private static IEnumerable<(PortId From, PortId To)> Fitting(Graft graft, Part part, HashSet<PortId> taken)
    {
        if (part.Kind.OnlyConducts() || graft.Supplies.Any(supply => supply.Part == part.Id && supply.Meant is null)) yield break;
        foreach (var socket in part.Ports.Where(port => Takes(part, port) && !taken.Contains(new PortId(part.Id, port.Id))))
        {
            var from = (from giver in graft.Parts
                        let isSupply = graft.Supplies.Any(supply => supply.Part == giver.Id)
                        where giver.Id != part.Id && (isSupply || (giver.Kind == PartKind.Board && part.Kind != PartKind.Board))
                        from port in giver.Ports
                        where port.Type.MayServe(socket.Type) && port.Gender != socket.Gender && !taken.Contains(new PortId(giver.Id, port.Id))
                            && Carries(port, signal => Carries(socket, wanted => wanted == signal))
                            && (port.Type == socket.Type || !IsWhole(graft, giver, port))
                        orderby isSupply descending, port.Type == socket.Type descending
                        select new PortId(giver.Id, port.Id)).Cast<PortId?>().FirstOrDefault();
            if (from is not { } plug) continue;
            taken.UnionWith([plug, new PortId(part.Id, socket.Id)]);
            yield return (plug, new PortId(part.Id, socket.Id));
        }
    }

    // A plug of which somebody said that it does not part.
    private static bool IsWhole(Graft graft, Part giver, Port port)
        => graft.Supplies.Where(supply => supply.Part == giver.Id).SelectMany(supply => supply.Leads).SelectMany(lead => lead.Plugs)
            .Any(plug => plug.Port == port.Id && plug.Parts == false);

    // A power socket of the gender that boards and drives carry, or the edge of a card.
    private static bool Takes(Part part, Port port) => port.Type.Housing switch
    {
        Housing.Power or Housing.Barrel => port.Gender == port.Type.BoardGender && part.Kind is not (PartKind.Supply or PartKind.Brick),
        Housing.Slot => port.Gender != port.Type.BoardGender,
        _ => false,
    };

    private static bool Carries(Port port, Predicate<string> isWanted)
        => port.AllPins().Any(pin => pin.Contact == ContactState.Wired && pin.Signal.Value.Family == SignalFamily.Supply && isWanted(pin.Signal.Value.Name));

    private static PortId? PortOf(Graft graft, MeantWay way)
        => way.Through ?? (way.Plug is { } plug && graft.Supplies.FirstOrDefault(supply => supply.Id == way.Supply) is { } of
            && of.FindPlug(plug) is { } found && found.Lead.Plugs[found.At].Port is { } port ? new PortId(of.Part, port) : null);
}
