namespace LooseGraft.Core.Findings;

/// <summary>A review while it is worked out: how far it is, and whether anybody still wants it.</summary>
/// <remarks>One thread works, any may look.</remarks>
/// <param name="cancellation">Cancelled when nobody waits for it any more.</param>
public sealed class ReviewWork(CancellationToken cancellation = default)
{
    private volatile ReviewStep? _step;
    private volatile StageReviews _done = StageReviews.None;

    /// <summary>What is being looked at; null before it begins.</summary>
    public ReviewStep? Step => _step;

    /// <summary>What the stages before that have concluded.</summary>
    public StageReviews Done => _done;

    /// <summary>Begins with a stage.</summary>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    internal void Begin(Stage stage, StageReviews done)
    {
        ThrowIfGivenUp();
        (_done, _step) = (done, new ReviewStep(stage, "", 0, 0));
    }

    /// <summary>Begins with something that a stage works out beyond its review.</summary>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public void Begin(Stage stage) => Begin(stage, StageReviews.None);

    /// <summary>Ends here when nobody waits any more.</summary>
    /// <exception cref="OperationCanceledException">Nobody does.</exception>
    internal void ThrowIfGivenUp() => cancellation.ThrowIfCancellationRequested();

    /// <summary>The same things, one by one, each told as it is taken up.</summary>
    /// <param name="things">Several of a kind.</param>
    /// <param name="kind">What each is, as in “joint”.</param>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    internal IEnumerable<T> Each<T>(IReadOnlyCollection<T> things, string kind)
    {
        foreach (var (index, thing) in things.Index())
        {
            ThrowIfGivenUp();
            if (_step is { } step) _step = new ReviewStep(step.Stage, kind, index + 1, things.Count);
            yield return thing;
        }
    }
}
