using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Words;

/// <summary>How an answer is worded: what does, what one step less would do, and where more does not help.</summary>
public static class CoolAnswerWords
{
    /// <summary>The answer.</summary>
    /// <param name="answer">The answer.</param>
    /// <param name="name">The part.</param>
    public static string Of(CoolAnswer answer, string name)
    {
        var limit = CoolWords.Figure(answer.Question.Limit);
        string Said(double value) => Unit(answer.Question.Ask, value);
        var holds = answer switch
        {
            { Value: null, Question.Ask: CoolAsk.Watts } => $"Not even {Said(answer.Least)} keeps it under {limit} °C: at that it is {answer.Hot}.",
            { Value: null } => $"{Most(answer)} keeps it under {limit} °C: at best it is {answer.Hot}.",
            { IsAtEnd: true, Question.Ask: CoolAsk.Watts } => $"With {Said(answer.Most)}, the most that was tried, it still stays under {limit} °C.",
            { IsAtEnd: true, Question.Ask: CoolAsk.Opening } => $"It stays under {limit} °C with {Said(answer.Least)} already.",
            { IsAtEnd: true } => $"It stays under {limit} °C even with fans that stand still.",
            { Value: { } value, Question.Ask: CoolAsk.Watts }
                => $"{name} may take {Said(value)} at peak: it is then {answer.Hot} and stays under {limit} °C by its upper bound; {Unit(CoolAsk.Watts, answer.Step)} more does not. The shell then takes {answer.Shell} in all.",
            { Value: { } value, Question.Ask: CoolAsk.Opening }
                => $"{Said(value)} do: it is then {answer.Hot} and stays under {limit} °C by its upper bound; {Said(answer.Step)} less does not.",
            { Value: { } value }
                => $"{Said(value)} do, for fans made for 12 V, others in proportion: it is then {answer.Hot} and stays under {limit} °C by its upper bound; {Said(answer.Step)} less does not.{Start(value)}",
        };
        var more = answer.TurnsAt is { } best ? $" Beyond {Said(best)} it gets warmer again."
            : answer.NoMoreFrom is { } from && from > answer.Least ? $" From {Said(from)} on, more wins less than half a kelvin." : "";
        return holds + more;
    }

    /// <summary>Why there is no answer.</summary>
    public static string None(CoolQuestion question, string name) => question.Ask switch
    {
        CoolAsk.Watts => $"That cannot be worked out: nobody wrote down what {name} takes, or what it takes follows from other parts.",
        CoolAsk.Opening => $"That cannot be worked out: {name} is outside the shell, or the opening is shut.",
        _ => "That cannot be worked out: no fan is placed.",
    };

    private static string Most(CoolAnswer answer)
        => answer.Question.Ask == CoolAsk.Opening ? $"No such opening up to {Unit(CoolAsk.Opening, answer.Most)}" : $"Not even {Unit(answer.Question.Ask, answer.Most)} at every fan";

    private static string Start(double volts)
        => volts < FanClass.StartVolts ? $" But fans may be counted on to start from {new Volts(FanClass.StartVolts)} only." : "";

    private static string Unit(CoolAsk ask, double value) => ask switch
    {
        CoolAsk.Watts => new Watts(value).ToString(),
        CoolAsk.Opening => new SquareCentimetres(value).ToString(),
        _ => new Volts(value).ToString(),
    };
}
