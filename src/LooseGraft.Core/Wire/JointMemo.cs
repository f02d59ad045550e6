using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Joints judged before, for those that an edit has left as they were.</summary>
/// <remarks>The judgement of a joint follows from the joint and its two ends alone; all of that is compared, so what is found here is what judging again would
/// give.</remarks>
internal sealed class JointMemo
{
    private readonly Dictionary<string, JointReview> _before;

    public JointMemo(WireReview? before) => _before = before?.Judged.ToDictionary(review => review.Joint.Id) ?? [];

    /// <summary>The joint as it was judged before; null when anything it rests on has changed.</summary>
    public JointReview? Find(Joint joint, JointEnd from, JointEnd to)
        => _before.TryGetValue(joint.Id, out var review) && review.Joint == joint && IsSame(review.From, from) && IsSame(review.To, to)
            ? review with { Joint = joint, From = from, To = to }
            : null;

    private static bool IsSame(JointEnd one, JointEnd other)
        => one.Part.Id == other.Part.Id && one.Part.Name == other.Part.Name && one.Part.Kind == other.Part.Kind && one.Port == other.Port
            && one.Terminals.SequenceEqual(other.Terminals);
}
