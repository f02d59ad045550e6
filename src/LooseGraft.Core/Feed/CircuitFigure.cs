namespace LooseGraft.Core.Feed;

/// <summary>One figure of a graft that a small circuit asks for.</summary>
/// <param name="Field">What the circuit calls it: <c>running</c> in milliamperes, <c>count</c> in pieces, <c>header</c> in amperes, <c>spare</c> in
/// milliamperes; <c>high</c>, <c>low</c> and <c>supply</c> in volts.</param>
/// <param name="Value">The figure.</param>
/// <param name="From">Where it is from, in words.</param>
public sealed record CircuitFigure(string Field, double Value, string From);
