using LooseGraft.Core.Circuit;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Network;

/// <summary>Sockets by which a draw enters apart from the other ports of its part: there a supply is no plane with the rest of the part, so that two rails of
/// one voltage can feed it side by side.</summary>
/// <remarks>What touches what is judged as if they were one plane still: that somebody draws a line between them proves nothing.</remarks>
internal sealed class SocketsApart(Graft graft)
{
    private readonly ILookup<PortId, Signal> _wanted = (from load in graft.Loads
                                                        from draw in load.Draws
                                                        where draw.Socket is not null
                                                        select (Port: new PortId(load.Part, draw.Socket!), Wanted: Signal.Parse(draw.Rail)!))
        .ToLookup(each => each.Port, each => each.Wanted);

    private readonly Dictionary<(int Star, PortId? Socket), int> _hubs = [];

    /// <summary>Whether a contact belongs to such a socket and carries what enters there.</summary>
    public bool Contains(CircuitContact contact)
    {
        foreach (var wanted in _wanted[contact.Id.Port])
        {
            if (FeedTaps.Takes(contact, wanted)) return true;
        }

        return false;
    }

    /// <summary>The contact with which one of a plane is one node.</summary>
    /// <param name="star">The contact that all of the plane are joined to.</param>
    /// <param name="contact">The one that is asked for; it may be the same.</param>
    public int HubOf(CircuitContact star, CircuitContact contact)
    {
        var isApart = Contains(contact);
        if (!isApart && !Contains(star)) return star.Index;
        var key = (star.Index, isApart ? contact.Id.Port : (PortId?)null);
        return _hubs.TryGetValue(key, out var hub) ? hub : _hubs[key] = contact.Index;
    }
}
