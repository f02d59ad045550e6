using System.Collections.Immutable;

namespace LooseGraft.Core.Findings;

/// <summary>What stages have concluded of one graft, in working order, one of a kind.</summary>
public sealed class StageReviews
{
    /// <summary>Before any stage has looked.</summary>
    public static readonly StageReviews None = new([]);

    private readonly ImmutableArray<(Stage Stage, IStageReview Review)> _reviews;

    private StageReviews(ImmutableArray<(Stage, IStageReview)> reviews) => _reviews = reviews;

    /// <summary>Every finding, stage by stage.</summary>
    public IEnumerable<Finding> Findings => _reviews.SelectMany(stage => stage.Review.Findings);

    /// <summary>What stages come to, of those that give figures.</summary>
    public IEnumerable<(Stage Stage, Figures Figures)> Figures
        => from stage in _reviews where stage.Review.Figures is not null select (stage.Stage, stage.Review.Figures);

    /// <summary>What a stage has concluded.</summary>
    /// <typeparam name="T">The kind of its review.</typeparam>
    /// <exception cref="InvalidOperationException">That stage has not looked yet: a stage may ask only for earlier ones.</exception>
    public T Of<T>()
        where T : class, IStageReview
        => Find<T>() ?? throw new InvalidOperationException($"No stage has given a {typeof(T).Name} yet.");

    /// <summary>What a stage has concluded; null when it has not looked.</summary>
    public T? Find<T>()
        where T : class, IStageReview
        => _reviews.Select(stage => stage.Review).OfType<T>().FirstOrDefault();

    /// <summary>These and one more, or another of the same stage in its place.</summary>
    public StageReviews With(Stage stage, IStageReview review)
        => new(_reviews.ToList().FindIndex(each => each.Stage == stage) is >= 0 and var at
            ? _reviews.SetItem(at, (stage, review)) : _reviews.Add((stage, review)));
}
