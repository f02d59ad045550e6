namespace LooseGraft.Core.Seat.Surveying;

/// <summary>A reading of which the unit was left off.</summary>
/// <param name="Equation">As it was written.</param>
/// <param name="Unit">The unit: in or cm.</param>
/// <param name="As">As it counts with the unit.</param>
internal sealed record UnitReading(SurveySystem.Equation Equation, string Unit, SurveySystem.Equation As);
