using System.Collections.Immutable;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>Something in a text that will not do, must be asked, or is only remarked upon, marked where it stands.</summary>
/// <param name="Line">Its line, from 1.</param>
/// <param name="Column">The column of its first character, from 1.</param>
/// <param name="Length">How many characters it has; 0 where something is missing.</param>
/// <param name="Words">What is wrong and what to write instead.</param>
/// <param name="Instead">What may be put in its place, likeliest first.</param>
public sealed record LineMistake(int Line, int Column, int Length, string Words, ImmutableArray<string> Instead);
