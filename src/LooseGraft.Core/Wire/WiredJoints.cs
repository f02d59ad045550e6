using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Gives each wire and tie the word of the circuit: what its two ends would do face to face is only an explanation.</summary>
internal sealed class WiredJoints
{
    private readonly CircuitReview _circuit;
    private readonly ImmutableArray<Conflict> _placeless;

    // Where more is wrong than is told, what was not told is no proof of anything.
    private readonly bool _isAllTold;
    private readonly Dictionary<(JoinKind Kind, string Joint, int One, int Other), Conflict> _blamed = [];

    public WiredJoints(CircuitReview circuit)
    {
        (_circuit, _isAllTold) = (circuit, circuit.IsAllTold);
        _placeless = [.. circuit.Conflicts.Where(conflict => conflict.Place is null
            && (conflict.Severity == Severity.Stop || (conflict.Severity == Severity.Fix && conflict.Flow is not null)))];
        foreach (var conflict in circuit.Conflicts.Where(conflict => conflict.Place is { Kind: JoinKind.Joint or JoinKind.Tie }))
            _blamed.TryAdd((conflict.Place!.Kind, conflict.Place.Owner, conflict.Place.One, conflict.Place.Other), conflict);
    }

    /// <summary>A joint with what the circuit says of it; as it is where that is what its ends say face to face.</summary>
    public JointReview Apply(JointReview review)
    {
        var (from, to) = (_circuit.Netlist.ContactsOf(review.From.Id).ToArray(), _circuit.Netlist.ContactsOf(review.To.Id).ToArray());
        var decided = review.Decided.Select(contact => Judge(review, contact, from[contact.From - 1], to[contact.To - 1])).ToImmutableArray();
        var ties = review.Ties.Select(tied => Judge(review, tied)).ToImmutableArray();
        if (decided.SequenceEqual(review.Decided) && ties.SequenceEqual(review.Ties)) return Warned(review);
        var wired = review with { Decided = decided, Ties = ties };
        wired = wired with { Verdict = JointVerdicts.Of(wired) };
        return Warned(wired with { Findings = JointFindings.Of(wired) });
    }

    // No wire of it is to blame, and it kills all the same, or does not do its job for what an element behind it gets.
    private JointReview Warned(JointReview review)
    {
        if (review.Verdict.Kind == JointVerdictKind.WouldDamage || _placeless.Length == 0) return review;
        // The worst stands first.
        if (_placeless.FirstOrDefault(conflict => IsMet(review, conflict.Taker.Id)) is not { } worst) return review;
        var kind = worst.Severity == Severity.Stop ? JointVerdictKind.WouldDamage : JointVerdictKind.MoveWires;
        return review.Verdict.Kind >= kind ? review : review with { Verdict = new JointVerdict(kind, ConflictTold.Words(worst), worst.Taker.Words) };
    }

    private static bool IsMet(JointReview review, ContactId taker)
        => (review.From.Id == taker.Port && review.Decided.Any(contact => contact.From == taker.Position))
            || (review.To.Id == taker.Port && review.Decided.Any(contact => contact.To == taker.Position));

    private JointContact Judge(JointReview review, JointContact contact, CircuitContact from, CircuitContact to)
    {
        if (_blamed.GetValueOrDefault((JoinKind.Joint, review.Joint.Id, from.Index, to.Index)) is { } conflict)
            return contact with { Judgement = ConflictTold.Of(conflict), ProveFirst = null };
        if (_isAllTold && contact.Judgement is { Outcome: ContactOutcome.Wrong, Severity: >= Severity.Fix })
            return contact with { Judgement = contact.Judgement.AtRest(), ProveFirst = null };
        if (contact.Judgement.Conflict == ConflictKind.NotKnown && (IsWound(from, to) || IsWound(to, from)))
            return contact with { Judgement = contact.Judgement.AtRest(), ProveFirst = null };
        return contact.ProveFirst is null && Otherwise(review, contact, from, to) is { } otherwise ? contact with { ProveFirst = otherwise } : contact;
    }

    // What a winding's leg carries is known, though it has no name; so is what lies behind a leg of what is described inside its part.
    private bool IsWound(CircuitContact leg, CircuitContact met) => met.Role.Kind == RoleKind.Passive && !met.Part.Kind.OnlyConducts()
        && _circuit.Netlist.Elements.Any(element => element.Link.Kind == LinkKind.Winding && (element.One == leg || element.Other == leg));

    private TieContact Judge(JointReview review, TieContact tied)
    {
        var end = tied.Tie.One.IsFrom ? review.From : review.To;
        var (one, other) = (Find(end, tied.Tie.One.Position), Find(end, tied.Tie.Other.Position));
        if (_blamed.GetValueOrDefault((JoinKind.Tie, review.Joint.Id, one.Index, other.Index)) is { } conflict)
            return tied with { Judgement = ConflictTold.Of(conflict) };
        return _isAllTold && tied.Judgement is { Outcome: ContactOutcome.Wrong, Severity: >= Severity.Fix }
            ? tied with { Judgement = tied.Judgement.AtRest() }
            : tied;
    }

    // What lies behind a conductor may meet an unproven contact as what meets it face to face may.
    private ContactJudgement? Otherwise(JointReview review, JointContact contact, CircuitContact from, CircuitContact to)
    {
        if (contact.Judgement.IsStop || from.Pin.Contact != ContactState.Wired || to.Pin.Contact != ContactState.Wired) return null;
        return Behind(review.From, from, to) ?? Behind(review.To, to, from) ?? Inside(from) ?? Inside(to);
    }

    private ContactJudgement? Behind(JointEnd end, CircuitContact suspect, CircuitContact conducts)
        => !suspect.Part.Kind.OnlyConducts() && conducts.Role.Kind == RoleKind.Passive && suspect.Pin.IsUnproven
            ? end.WorstIfWrong(suspect.Pin.Position,
                _circuit.ActorsWith(suspect).Where(actor => actor.Part.Id != suspect.Part.Id).Select(actor => actor.Terminal)) : null;

    // A go-between whose inside nobody described is taken to join what is labelled alike; power goes through it only once that is proven.
    private ContactJudgement? Inside(CircuitContact label)
        => label.Part.Kind is PartKind.Lead or PartKind.Adapter && label.Part.Links.IsEmpty && label.Pin.IsUnproven
            && _circuit.ActorsWith(label).FirstOrDefault(actor => actor.Role.Feeds) is { } feed
            ? new ContactJudgement(ContactOutcome.Wrong, feed.Terminal, label.Terminal, () => $"what {label.Part.Name} joins inside is only said by its labels")
            {
                Conflict = ConflictKind.NotKnown,
            }
            : null;

    private CircuitContact Find(JointEnd end, int position) => _circuit.Netlist.Find(new ContactId(end.Id, position))!;
}
