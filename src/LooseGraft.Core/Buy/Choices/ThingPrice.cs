using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>What one thing costs the whole graft: the cheapest choice with it, less the cheapest without.</summary>
/// <param name="Words">What it is.</param>
/// <param name="About">Where it is decided; null for what several decisions ask for.</param>
/// <param name="Saved">What would be saved without it, in the graft's currency, above 0.</param>
/// <param name="Parcels">How many parcels fewer there would be; below 0 for more.</param>
public sealed record ThingPrice(string Words, Subject? About, Money Saved, int Parcels);
