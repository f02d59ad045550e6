using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Changes to the wires of a joint, as a hand makes them.</summary>
public static class Rewiring
{
    /// <summary>The method a joint has once its wires are no longer those of the plug as it is.</summary>
    public static JointMethod MadeMethod(JointReview review)
        => review.Joint.Method is not (JointMethod.Straight or JointMethod.LeaveOff) ? review.Joint.Method : review.FitProblems.IsEmpty ? JointMethod.Repin
            : JointMethod.Rebuild;

    /// <summary>Puts the plug's terminal <paramref name="to"/> where it meets <paramref name="from"/>, wherever it was before. A plug that was pushed on as it
    /// is starts from what meets then.</summary>
    public static Joint Move(JointReview review, int from, int to)
        => Made(review, [.. Wires(review).Where(wire => wire.To != to), new Conductor(from, to)]);

    /// <summary>Leads a contact of the fixed port to just these terminals of the plug.</summary>
    public static Joint Lead(JointReview review, int from, IReadOnlyCollection<int> to)
        => Made(review, [.. Wires(review).Where(wire => wire.From != from), .. to.Select(terminal => new Conductor(from, terminal))]);

    /// <summary>Exchanges what two wires lead to.</summary>
    public static Joint Exchange(JointReview review, Conductor one, Conductor other)
        => Made(review, Wires(review).Select(wire => (wire.From, wire.To) == (one.From, one.To) ? new Conductor(one.From, other.To)
            : (wire.From, wire.To) == (other.From, other.To) ? new Conductor(other.From, one.To) : wire));

    /// <summary>The wires of a joint; of one that is pushed on as it is, what meets and matters.</summary>
    internal static IEnumerable<Conductor> Wires(JointReview review)
        => review.Joint.Method is JointMethod.Straight or JointMethod.LeaveOff
            ? review.Decided.Where(contact => contact.Judgement.Outcome is not (ContactOutcome.Idle or ContactOutcome.Unwired))
                .Select(contact => new Conductor(contact.From, contact.To))
            : review.Joint.Wires;

    private static Joint Made(JointReview review, IEnumerable<Conductor> wires)
        => review.Joint with
        {
            Method = MadeMethod(review),
            Wires = [.. wires.DistinctBy(wire => wire.Ends).OrderBy(wire => wire.From).ThenBy(wire => wire.To)],
        };
}
