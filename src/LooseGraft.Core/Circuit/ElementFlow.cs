using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>What an element of a circuit sees.</summary>
/// <param name="Link">The element.</param>
/// <param name="Across">Volts from its plus side to its other.</param>
/// <param name="Through">Amperes from its plus side.</param>
public sealed record ElementFlow(PartLink Link, Volts Across, Amps Through)
{
    /// <summary>What it turns into heat.</summary>
    public Watts Heat => new(Math.Abs(Across.Value * Through.Value));
}
