using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Wire.Edits;

namespace LooseGraft.Core.Wire.Remedies;

/// <summary>A change that may mend a fault.</summary>
/// <param name="Edit">The change.</param>
/// <param name="Words">What is done, as a builder says it.</param>
internal sealed record RemedyCandidate(GraftEdit Edit, string Words)
{
    /// <summary>Whether it takes a wire out, which mends much and serves nothing.</summary>
    public bool TakesOut { get; init; }
}

/// <summary>The single changes that may mend a fault, the likeliest slips first: what is stray is taken out, what is the wrong way round is turned, two wires
/// change places, a wire moves, one is added; last, a wire is taken out.</summary>
internal static class RemedyCandidates
{
    public static IEnumerable<RemedyCandidate> Of(Graft graft, WireReview review, Conflict conflict)
    {
        var steps = FaultWay.Of(review.Circuit.Netlist, conflict);
        var onWay = steps.Select(step => step.By).OfType<Join>().ToArray();
        var joints = Joints(review, conflict, onWay);
        return Ties(joints, review, onWay).Concat(Links(graft, review, onWay)).Concat(Turns(graft, conflict)).Concat(joints.SelectMany(Table))
            .Concat(joints.SelectMany(joint => Wires(joint, review, conflict, onWay).SelectMany(wire => Exchanged(joint, wire))))
            .Concat(joints.SelectMany(joint => Added(joint, review, conflict)))
            .Concat(joints.SelectMany(joint => Wires(joint, review, conflict, onWay).SelectMany(wire => Moved(joint, wire))))
            .Concat(conflict.Kind == ConflictKind.NotFed ? []
                : joints.SelectMany(joint => Wires(joint, review, conflict, onWay).Select(wire => TakenOut(joint, wire, conflict))))
            .DistinctBy(candidate => candidate.Edit);
    }

    // Those the way leads through, the blamed one first, and those at its two ends.
    private static JointReview[] Joints(WireReview review, Conflict conflict, Join[] onWay)
    {
        var parts = new[] { conflict.Giver.Part.Id, conflict.Taker.Part.Id };
        return [.. onWay.OrderByDescending(made => made == conflict.Place).Where(made => made.Kind is JoinKind.Joint or JoinKind.Tie)
            .Select(made => review.Find(made.Owner)).OfType<JointReview>()
            .Concat(review.Joints.Where(joint => parts.Contains(joint.From.Part.Id) || parts.Contains(joint.To.Part.Id))
                .OrderByDescending(joint => parts.Contains(joint.From.Part.Id) && parts.Contains(joint.To.Part.Id)))
            .Where(joint => joint.Joint.Method != JointMethod.LeaveOff).DistinctBy(joint => joint.Joint.Id)];
    }

    private static IEnumerable<RemedyCandidate> Ties(JointReview[] joints, WireReview review, Join[] onWay)
        => from joint in joints
           from tie in joint.Joint.Ties.Index()
           let end = tie.Item.One.IsFrom ? joint.From : joint.To
           where onWay.Any(made => made.Kind == JoinKind.Tie && made.Owner == joint.Joint.Id
               && Meets(made, At(review, end, tie.Item.One.Position), At(review, end, tie.Item.Other.Position)))
           select new RemedyCandidate(new RemoveTie(joint.Joint.Id, tie.Index),
               $"take out the tie between positions {tie.Item.One.Position} and {tie.Item.Other.Position} of {end.Port.Name}");

    // A link between contacts of one connector, or in a part that is no lead, was forgotten there.
    private static IEnumerable<RemedyCandidate> Links(Graft graft, WireReview review, Join[] onWay)
        => from made in onWay
           where made.Kind == JoinKind.Inside && graft.FindPart(made.Owner) is not null
           let part = graft.FindPart(made.Owner)!
           from link in part.Links.Index()
           where link.Item.Kind == LinkKind.Wire && (link.Item.One.Port == link.Item.Other.Port || !part.Kind.OnlyConducts())
               && review.Circuit.Netlist.Find(part, link.Item.One) is { } one && review.Circuit.Netlist.Find(part, link.Item.Other) is { } other
               && Meets(made, one.Index, other.Index)
           select new RemedyCandidate(new RemoveLink(part.Id, link.Index), $"take out the link between {link.Item.One} and {link.Item.Other} in {part.Name}");

    // Something with a plus side that lies the wrong way round.
    private static IEnumerable<RemedyCandidate> Turns(Graft graft, Conflict conflict)
        => from part in conflict.Flow is null ? [] : graft.Parts
           from link in part.Links.Index()
           where ReferenceEquals(link.Item, conflict.Flow!.Link)
           select new RemedyCandidate(new TurnLink(part.Id, link.Index), $"exchange the two legs of the{link.Item.Words[1..]} in {part.Name}");

    private static IEnumerable<RemedyCandidate> Table(JointReview joint)
    {
        if (joint.Proposal.IsEmpty || joint.WiresToMove == 0) yield break;
        yield return new RemedyCandidate(
            new TakeTable(joint.Joint.Id, Rewiring.MadeMethod(joint), [.. joint.Proposal.Select(row => new Conductor(row.From, row.To))]),
            $"wire {joint.To.Port.Name} on {joint.From.Port.Name} by the proposed table: {joint.WiresToMove} of {joint.Proposal.Length} wires move");
    }

    // The wires of a joint that the way leads over, and those at its two ends.
    private static Conductor[] Wires(JointReview joint, WireReview review, Conflict conflict, Join[] onWay)
        => [.. Rewiring.Wires(joint).Where(wire =>
        {
            var (one, other) = (At(review, joint.From, wire.From), At(review, joint.To, wire.To));
            return one == conflict.Giver.Index || one == conflict.Taker.Index || other == conflict.Giver.Index || other == conflict.Taker.Index
                || onWay.Any(made => made.Kind == JoinKind.Joint && made.Owner == joint.Joint.Id && Meets(made, one, other));
        })];

    private static IEnumerable<RemedyCandidate> Exchanged(JointReview joint, Conductor wire)
        => Rewiring.Wires(joint).Where(other => other.From != wire.From && other.To != wire.To)
            .Select(other => Rewired(joint, Rewiring.Exchange(joint, wire, other),
                $"exchange the wires at positions {wire.To} and {other.To} of {joint.To.Port.Name}"));

    private static IEnumerable<RemedyCandidate> Moved(JointReview joint, Conductor wire)
    {
        var (taken, what) = (Rewiring.Wires(joint).ToArray(), $"move the wire {wire.From} to {wire.To} of {joint.To.Port.Name} on {joint.From.Port.Name} to");
        var (plug, header) = (joint.To.At(wire.To), joint.From.At(wire.From));
        var from = joint.From.Terminals.Where(terminal => ContactRules.Judge(terminal, plug).IsRight && taken.All(other => other.From != terminal.Pin.Position))
            .Select(free => Rewired(joint, Rewiring.Move(joint, free.Pin.Position, wire.To), $"{what} {joint.From.Port.Name}, position {free.Pin.Position}"));
        var to = joint.To.Terminals.Where(terminal => ContactRules.Judge(header, terminal).IsRight && taken.All(other => other.To != terminal.Pin.Position))
            .Select(free => Rewired(joint, Rewiring.Lead(joint, wire.From, [free.Pin.Position]), $"{what} {joint.To.Port.Name}, position {free.Pin.Position}"));
        return from.Concat(to);
    }

    // What lacks a return gets a ground beside it, what lacks its supply one of the same volts.
    private static IEnumerable<RemedyCandidate> Added(JointReview joint, WireReview review, Conflict conflict)
    {
        var isReturn = conflict.Kind is ConflictKind.NoReturn or ConflictKind.ReturnThroughLoad or ConflictKind.ReturnThroughSignal;
        if (!isReturn && conflict.Kind != ConflictKind.NotFed) yield break;
        var wires = Rewiring.Wires(joint).ToArray();
        foreach (var from in joint.From.Terminals.Where(terminal => IsMeant(terminal, joint.From)))
        {
            foreach (var to in joint.To.Terminals.Where(terminal => IsMeant(terminal, joint.To)))
            {
                var wire = new Conductor(from.Pin.Position, to.Pin.Position);
                if (wires.Any(other => other.From == wire.From && other.To == wire.To) || !ContactRules.Judge(from, to).IsRight) continue;
                var ends = wires.Where(other => other.From == wire.From).Select(other => other.To).Append(wire.To).ToArray();
                yield return Rewired(joint, Rewiring.Lead(joint, wire.From, ends),
                    $"join position {wire.From} of {joint.From.Port.Name} and position {wire.To} of {joint.To.Port.Name} ({from.Signal})");
            }
        }

        bool IsMeant(Terminal terminal, JointEnd end) => isReturn
            ? terminal.Family == SignalFamily.Ground
            : terminal.Signal == conflict.Taker.Signal || (terminal.Role.Feeds && end.Part.Id != conflict.Taker.Part.Id);
    }

    // A joint without its only wire is none.
    private static RemedyCandidate TakenOut(JointReview joint, Conductor wire, Conflict conflict)
    {
        if (joint.Joint.Ties.IsEmpty && Rewiring.Wires(joint).Take(2).Count() == 1)
        {
            return new RemedyCandidate(new DecideJoint(joint.Joint.Id, JointMethod.LeaveOff, ConflictTold.Words(conflict)),
                $"leave {joint.To.Port.Name} on {joint.From.Port.Name} off: this wire is all it has")
            { TakesOut = true };
        }

        var left = Rewiring.Wires(joint).Where(other => other.From == wire.From && other.To != wire.To).Select(other => other.To).ToArray();
        return Rewired(joint, Rewiring.Lead(joint, wire.From, left),
            $"take out the wire {wire.From} to {wire.To} of {joint.To.Port.Name} on {joint.From.Port.Name}, and leave off what it is for") with
        {
            TakesOut = true,
        };
    }

    private static RemedyCandidate Rewired(JointReview joint, Joint rewired, string words)
        => new(new Rewire(joint.Joint.Id, rewired.Method, rewired.Wires), words);

    private static int At(WireReview review, JointEnd end, int position) => review.Circuit.Netlist.Find(new ContactId(end.Id, position))!.Index;

    private static bool Meets(Join made, int one, int other) => (made.One, made.Other) == (one, other) || (made.One, made.Other) == (other, one);
}
