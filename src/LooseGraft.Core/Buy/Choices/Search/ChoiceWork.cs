namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>A search while it runs: how much it may do, and whether anybody still wants it.</summary>
/// <remarks>Bounded by what it does, not by a clock, so that the same problem always has the same answer.</remarks>
/// <param name="most">After how many steps it ends with what it has.</param>
/// <param name="cancellation">Cancelled when nobody waits for it any more.</param>
public sealed class ChoiceWork(long most = ChoiceWork.Usual, CancellationToken cancellation = default)
{
    /// <summary>About four seconds of steps on a small machine.</summary>
    public const long Usual = 12_000_000;

    private const int LooksEvery = 1024;

    private long _steps;

    /// <summary>Whether it may do no more.</summary>
    internal bool IsSpent => _steps >= most;

    /// <summary>One more step.</summary>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    internal void Step()
    {
        if (++_steps % LooksEvery == 0) cancellation.ThrowIfCancellationRequested();
    }

    /// <summary>Ends here when nobody waits any more.</summary>
    /// <exception cref="OperationCanceledException">Nobody does.</exception>
    internal void ThrowIfGivenUp() => cancellation.ThrowIfCancellationRequested();
}
