namespace LooseGraft.Core.Seat.Surveying;

/// <summary>A measurement worth making.</summary>
/// <param name="From">From which point.</param>
/// <param name="To">To which point or edge.</param>
/// <param name="Because">What it does for the places.</param>
public sealed record SurveyAdvice(string From, string To, string Because);
