using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Leads a contact of a joint's fixed port to other terminals than before.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="From">The contact.</param>
/// <param name="To">Where it leads; nowhere when empty.</param>
/// <param name="Method">The method by which the joint is then made.</param>
/// <param name="Wires">All of its wires then.</param>
public sealed record LeadContact(string Joint, int From, ValueList<int> To, JointMethod Method, ValueList<Conductor> Wires) : WiringEdit(Joint, Method, Wires)
{
    /// <summary>Puts the plug's terminal where it meets a contact, wherever it was before.</summary>
    public static LeadContact Move(JointReview review, int from, int to) => Of(review, from, [to], Rewiring.Move(review, from, to));

    /// <summary>Leads a contact to just these terminals.</summary>
    public static LeadContact Lead(JointReview review, int from, IReadOnlyCollection<int> to) => Of(review, from, to, Rewiring.Lead(review, from, to));

    protected override string What => To.IsEmpty ? $"{From} leads nowhere" : $"{From} leads to {string.Join(", ", To)}";

    private static LeadContact Of(JointReview review, int from, IReadOnlyCollection<int> to, Joint made)
        => new(review.Joint.Id, from, [.. to], made.Method, made.Wires);
}
