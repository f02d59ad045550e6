using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>One line of a proposed wire table.</summary>
/// <param name="From">Position on the fixed port.</param>
/// <param name="To">Position on the port brought to it.</param>
/// <param name="Signal">What the wire carries.</param>
/// <param name="Colour">The wire's real colour where the plug states it, otherwise the usual colour of the signal.</param>
/// <param name="Stays">Whether the two are joined already, by the wires chosen or by simply pushing the plug on.</param>
public sealed record WireRow(int From, int To, Signal Signal, string Colour, bool Stays);
