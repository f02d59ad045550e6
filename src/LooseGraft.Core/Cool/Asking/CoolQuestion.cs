using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Cool.Asking;

/// <summary>What it takes for a thing to stay under a temperature at peak.</summary>
/// <param name="Ask">What is asked for.</param>
/// <param name="Part">The part.</param>
/// <param name="Kind">Which hot thing of it.</param>
/// <param name="Limit">What its upper bound must not pass, in degrees Celsius.</param>
/// <param name="Way">The opening that is asked for, as a way's id or plane/opening; null for a new one.</param>
public sealed record CoolQuestion(CoolAsk Ask, string Part, HotKind Kind, double Limit, string? Way = null);
