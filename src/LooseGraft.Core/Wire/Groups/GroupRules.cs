using System.Collections.Immutable;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>What several contacts must do together, read from what hangs on them through the whole graft.</summary>
internal static class GroupRules
{
    /// <summary>The joints with what these rules say of them.</summary>
    public static ImmutableArray<JointReview> Apply(Hanging hanging, IEnumerable<JointReview> joints)
    {
        var told = UsbRules.Of(hanging).Concat(FanRules.Of(hanging)).Concat(AudioRules.Of(hanging)).ToLookup(group => group.Joint, group => group.Finding);
        return [.. joints.Select(review => told.Contains(review.Joint.Id)
            ? review with { Findings = [.. review.Findings, .. told[review.Joint.Id]] } : review)];
    }
}
