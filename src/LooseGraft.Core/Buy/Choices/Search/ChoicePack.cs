using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>A pack that can be had.</summary>
/// <param name="Seller">Who sells it, from 0; null for what is owned.</param>
/// <param name="Price">What one costs, in millionths of the seller's own currency.</param>
/// <param name="Cost">The same in the graft's currency with tax.</param>
/// <param name="Stock">How many there are.</param>
/// <param name="Contents">What is in it.</param>
public sealed record ChoicePack(int? Seller, long Price, long Cost, int Stock, ImmutableArray<ChoiceContent> Contents);
