using System.Collections.Immutable;

namespace LooseGraft.Core.Wire.Circuits;

/// <summary>A small circuit worked out.</summary>
/// <param name="Words">What to build, in one sentence.</param>
/// <param name="Figures">What follows from it, a line each.</param>
/// <param name="Chain">Its parts in the order in which current flows, for the drawing; a tap stands before the part it is taken from.</param>
/// <param name="Cautions">What can go wrong.</param>
/// <param name="Works">Whether it can be built so.</param>
public sealed record CircuitAnswer(
    string Words, ImmutableArray<string> Figures, ImmutableArray<CircuitPiece> Chain, ImmutableArray<string> Cautions, bool Works = true)
{
    internal static CircuitAnswer No(string words, params ImmutableArray<string> why) => new(words, why, [], [], Works: false);
}
