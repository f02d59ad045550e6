using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Remedies;

/// <summary>One change after which something wrong with the circuit is gone.</summary>
/// <param name="Edit">The change.</param>
/// <param name="Words">What is done, as a builder says it.</param>
/// <param name="Lost">How many contacts were served before it and are not any more.</param>
/// <param name="Left">How many stops and fixes the wiring has left after it.</param>
public sealed record Remedy(GraftEdit Edit, string Words, int Lost, int Left);

/// <summary>What came of the search for remedies.</summary>
/// <param name="Found">The best, best first.</param>
/// <param name="Tried">How many changes were tried.</param>
/// <param name="IsAll">Whether all that were thought of were tried.</param>
public sealed record RemediesTried(ImmutableArray<Remedy> Found, int Tried, bool IsAll);
