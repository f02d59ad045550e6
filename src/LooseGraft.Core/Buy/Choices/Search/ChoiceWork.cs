using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>A search while it runs: how much it may do, and whether anybody still wants it.</summary>
/// <remarks>Bounded by what it does, not by a clock, so that the same problem always has the same answer.</remarks>
/// <param name="most">After how many steps it ends with what it has.</param>
/// <param name="waited">Where it learns that nobody waits any more; null for one that is waited for in any case.</param>
/// <param name="isTold">Whether it tells there how far it is.</param>
public sealed class ChoiceWork(long most = ChoiceWork.Usual, ReviewWork? waited = null, bool isTold = true)
{
    /// <summary>About four seconds of steps on a small machine.</summary>
    public const long Usual = 12_000_000;

    private const int LooksEvery = 1024;

    private long _steps;

    /// <summary>Whether it may do no more.</summary>
    internal bool IsSpent => _steps >= most;

    /// <summary>One more step.</summary>
    /// <param name="worth">As many usual ones as it takes the time of.</param>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    internal void Step(int worth = 1)
    {
        var before = _steps / LooksEvery;
        _steps += worth;
        if (_steps / LooksEvery != before) waited?.ThrowIfGivenUp();
    }

    /// <summary>The same things, one by one, each told as it is taken up.</summary>
    /// <param name="things">Several of a kind.</param>
    /// <param name="kind">What each is.</param>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    internal IEnumerable<T> Each<T>(IReadOnlyCollection<T> things, string kind) => isTold && waited is not null ? waited.Each(things, kind) : things;
}
