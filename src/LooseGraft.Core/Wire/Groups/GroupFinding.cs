using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>What a rule says of several contacts together, and the joint it is told with.</summary>
/// <param name="Joint">Id of the joint.</param>
/// <param name="Finding">The finding.</param>
internal sealed record GroupFinding(string Joint, Finding Finding);
