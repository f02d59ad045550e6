using System.Collections.Immutable;

namespace LooseGraft.Core.Circuit;

/// <summary>What takes from a net.</summary>
/// <param name="Contact">The contact.</param>
/// <param name="Way">From the first giver, both ends included; empty where nothing gives.</param>
public sealed record NetTaker(CircuitContact Contact, ImmutableArray<CircuitContact> Way);
