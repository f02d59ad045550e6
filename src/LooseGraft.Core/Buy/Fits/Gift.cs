using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Fits;

/// <summary>What of a chosen offer goes to a need.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Count">How many pieces, or metres.</param>
/// <param name="Fit">Whether it will do.</param>
public sealed record Gift(Offer Offer, int Count, FitGrade Fit);
