using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Asking;

/// <summary>An answer, and how far it goes.</summary>
/// <param name="Question">What was asked.</param>
/// <param name="Value">Watts, cm² or volts; null where nothing up to <paramref name="Most"/> does.</param>
/// <param name="Least">The least that was tried.</param>
/// <param name="Most">The most.</param>
/// <param name="Step">One step more, or less, does not hold.</param>
/// <param name="NoMoreFrom">From where on more wins hardly anything.</param>
/// <param name="TurnsAt">The best, where more makes it warmer again.</param>
/// <param name="Hot">How hot the thing is at that value, or at the best that was tried.</param>
/// <param name="Shell">What heats the air of the shell then, all together.</param>
public sealed record CoolAnswer(
    CoolQuestion Question, double? Value, double Least, double Most, double Step, double? NoMoreFrom, double? TurnsAt, Spread<Celsius> Hot, Spread<Watts> Shell)
{
    /// <summary>Whether it holds even with the least, or for watts with the most.</summary>
    public bool IsAtEnd => Value == (Question.Ask == CoolAsk.Watts ? Most : Least);
}
