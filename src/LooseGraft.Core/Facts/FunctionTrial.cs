namespace LooseGraft.Core.Facts;

/// <summary>How a contact is proven by what it does, where a meter alone cannot tell it from others.</summary>
/// <param name="Signals">The signals it is for.</param>
/// <param name="Steps">What is done, in order; harmless whatever the contact turns out to be.</param>
/// <param name="Question">What a yes must mean.</param>
/// <param name="Why">Why a yes proves it.</param>
public sealed record FunctionTrial(IReadOnlyList<string> Signals, IReadOnlyList<string> Steps, string Question, string Why)
{
    private static readonly Dictionary<string, FunctionTrial> BySignal =
        FactFile.Load<IReadOnlyList<FunctionTrial>>("trials.json").SelectMany(trial => trial.Signals.Select(signal => (signal, trial)))
            .ToDictionary(pair => pair.signal, pair => pair.trial);

    /// <summary>The trial for a signal; null when there is none.</summary>
    public static FunctionTrial? For(string signal) => BySignal.GetValueOrDefault(signal);
}
