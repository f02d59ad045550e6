using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>What the Wire stage says about a graft.</summary>
/// <param name="Joints">Each joint, the most dangerous first.</param>
/// <param name="Findings">What the rules say, joint by joint, and about contacts that no joint serves.</param>
public sealed record WireReview(ImmutableArray<JointReview> Joints, ImmutableArray<Finding> Findings) : IStageReview
{
    /// <summary>The joints as judged each by itself, before what leads and nets add: what a later review may take over.</summary>
    internal ImmutableArray<JointReview> Judged { get; init; } = [];

    /// <summary>The graft whose circuit it is, and the ends of its joints.</summary>
    internal (Graft Graft, Dictionary<PortId, JointEnd> Ends)? Of { get; init; }

    /// <summary>The circuit that the joints make.</summary>
    public required CircuitReview Circuit { get; init; }

    /// <inheritdoc/>
    public Figures Figures => field ??= WireFigures.Of(Circuit);

    /// <summary>The joint of that id; null when there is none.</summary>
    public JointReview? Find(string id) => Joints.FirstOrDefault(review => review.Joint.Id == id);
}
