using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>The choices that nothing beats.</summary>
/// <param name="Points">The choices, cheapest first.</param>
/// <param name="Gap">By how much the cheapest could still be undercut, in millionths of the graft's currency; 0 when nothing was left out.</param>
/// <param name="IsWhole">Whether everything was tried, so that no choice which nothing beats is missing.</param>
public sealed record ChoiceFront(ImmutableArray<ChoicePoint> Points, long Gap, bool IsWhole);
