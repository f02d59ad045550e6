using System.Collections.Immutable;
using LooseGraft.Core.Buy.Needs;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>One way of an open joint, and what it would need.</summary>
/// <param name="Way">The way.</param>
/// <param name="Needs">What it needs; their counts say nothing.</param>
/// <param name="Nowhere">What of that nobody offers and the bin does not have.</param>
public sealed record OpenWay(JointWay Way, ImmutableArray<Need> Needs, ImmutableArray<Need> Nowhere);
