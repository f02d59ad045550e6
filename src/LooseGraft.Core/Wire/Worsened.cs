using System.Collections.Immutable;

namespace LooseGraft.Core.Wire;

/// <summary>What became worse at the joints of a graft without its builder having done it.</summary>
public static class Worsened
{
    /// <summary>The joints whose verdict is worse than the builder was about to see, the most dangerous first.</summary>
    /// <param name="expected">The wiring by the builder's own change alone.</param>
    /// <param name="stands">The wiring as it stands, by that change and by others.</param>
    public static ImmutableArray<JointReview> Joints(WireReview expected, WireReview stands)
        => [.. stands.Joints.Where(joint => expected.Find(joint.Joint.Id) is { } same && joint.Verdict.Kind > same.Verdict.Kind)];
}
