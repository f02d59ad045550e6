using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Nets;

/// <summary>What the rules say about contacts that never meet and are joined all the same: by a stray link, through a lead, or while a switch is
/// pressed.</summary>
/// <remarks>Nets are built once with every switch open, once with each closed by itself, and once with all closed. The worst of each net is reported, with the
/// press that causes it.</remarks>
internal static class NetFindings
{
    // Beyond this many switches only "none" and "all" are looked at; no desk has so many.
    private const int MostSwitches = 64;

    public static IEnumerable<Finding> Of(Graft graft, IReadOnlyDictionary<PortId, JointEnd> ends, ImmutableArray<JointReview> joints)
    {
        var links = (from part in graft.Parts
                     from link in part.Links
                     let one = new PortId(part.Id, link.One.Port)
                     let other = new PortId(part.Id, link.Other.Port)
                     where ends.ContainsKey(one) && ends.ContainsKey(other)
                     select new Placed(part, link, one, other)).ToArray();
        if (links.Length == 0 && joints.All(review => review.Ties.IsEmpty)) yield break;
        var met = joints.SelectMany(review => review.Decided.Select(contact => ((review.From.Id, contact.From), (review.To.Id, contact.To)))).ToHashSet();
        // Of all the pairs a net holds, those that lie next to a link say best where to look.
        var linked = links.SelectMany(link => new[] { (link.One, link.Link.One.Position), (link.Other, link.Link.Other.Position) }).ToHashSet();
        var near = met.Where(pair => linked.Contains(pair.Item1) || linked.Contains(pair.Item2)).SelectMany(pair => new[] { pair.Item1, pair.Item2 })
            .ToHashSet();
        var told = new HashSet<(PortId, int)>();
        foreach (var closed in States([.. links.Where(link => link.Link.Kind != LinkKind.Wire)]))
        {
            var nets = new NetBuilder(ends, joints, links.Where(link => link.Link.Kind == LinkKind.Wire || closed.Contains(link))
                .Select(link => (link.One, link.Link.One.Position, link.Other, link.Link.Other.Position))).Nets();
            foreach (var (giving, taking, judgement) in nets.Select(net => Worst(net, met, near)).OfType<(NetContact, NetContact, ContactJudgement)>())
            {
                // What gives is told once, in the first state in which it reaches what it must not.
                if (told.Add(giving.Key)) yield return Tell(giving, taking, judgement, closed, links);
            }
        }
    }

    private static IEnumerable<Placed[]> States(Placed[] switches)
    {
        yield return [];
        if (switches.Length is > 0 and <= MostSwitches)
        {
            foreach (var one in switches) yield return [one];
        }

        if (switches.Length > 1) yield return switches;
    }

    private static (NetContact, NetContact, ContactJudgement)? Worst(Net net, HashSet<((PortId, int), (PortId, int))> met, HashSet<(PortId, int)> near)
    {
        var contacts = net.Contacts.OrderByDescending(contact => near.Contains(contact.Key)).ToArray();
        foreach (var giving in contacts.Where(contact => contact.Terminal.Family == SignalFamily.Supply || contact.Terminal.Direction == SignalDirection.Out))
        {
            foreach (var taking in contacts.Where(contact => contact != giving && contact.Terminal.Signal.IsMeaningful && !IsLeg(contact)))
            {
                // Two that meet face to face are told by the rules for contacts.
                if (met.Contains((giving.Key, taking.Key)) || met.Contains((taking.Key, giving.Key))) continue;
                var judgement = ContactRules.Judge(giving.Terminal, taking.Terminal);
                if (judgement.IsStop) return (giving, taking, judgement);
            }
        }

        return null;
    }

    // The leg of a switch bears whatever is on it; what it passes on to is in the net as well.
    private static bool IsLeg(NetContact contact) => contact.Terminal is { Family: SignalFamily.Switch, Direction: SignalDirection.Passive };

    private static Finding Tell(NetContact giving, NetContact taking, ContactJudgement judgement, Placed[] closed, Placed[] links)
    {
        var when = closed switch
        {
            [] => "",
            [var one] => $" while the switch between {one.Words} is {(one.Link.Kind == LinkKind.Momentary ? "held" : "closed")}",
            _ => " while all switches are closed",
        };
        var stray = closed.Length == 0 ? links.FirstOrDefault(link => link.Link.Kind == LinkKind.Wire) : null;
        return Finding.Of(WireRules.JoinedByWay, new PinSubject(giving.End.Id, giving.Position),
            $"{giving.Words} and {taking.Words} never meet, but are joined by way of other contacts{when}: {judgement.Words}.", judgement.Evidence,
            stray is not null ? $"take out the link between {stray.Words}, or leave one of its ends unwired" : "give the switch contacts of its own",
            "prove it first: beep it out with power off");
    }

    private sealed record Placed(Part Part, PartLink Link, PortId One, PortId Other)
    {
        public string Words => One == Other
            ? $"{Link.One.Position} and {Link.Other.Position} of {Part.Ports.First(port => port.Id == Link.One.Port).Name}"
            : $"{Link.One} and {Link.Other} of {Part.Name}";
    }
}
