namespace LooseGraft.Core.Quantities;

/// <summary>A figure that is honestly known only as low, likely and high: a wattage is rarely one number.</summary>
/// <typeparam name="T">The quantity.</typeparam>
public readonly record struct Spread<T>
    where T : struct, IQuantity<T>
{
    /// <summary>Makes a spread.</summary>
    /// <param name="low">The least it can plausibly be.</param>
    /// <param name="likely">The best single figure.</param>
    /// <param name="high">The most it can plausibly be.</param>
    /// <exception cref="ArgumentException">The three are not in rising order.</exception>
    public Spread(T low, T likely, T high)
    {
        if (low.CompareTo(likely) > 0 || likely.CompareTo(high) > 0)
            throw new ArgumentException($"A spread rises from low over likely to high, but got {low}, {likely}, {high}.");
        (Low, Likely, High) = (low, likely, high);
    }

    /// <summary>The least it can plausibly be.</summary>
    public T Low { get; }

    /// <summary>The best single figure.</summary>
    public T Likely { get; }

    /// <summary>The most it can plausibly be.</summary>
    public T High { get; }

    /// <summary>A figure known exactly.</summary>
    public static Spread<T> Exactly(T value) => new(value, value, value);

    /// <summary>Sums end by end: sums of monotone terms keep their bounds.</summary>
    public static Spread<T> operator +(Spread<T> left, Spread<T> right)
        => new(left.Low + right.Low, left.Likely + right.Likely, left.High + right.High);

    /// <summary>What is left of <paramref name="limit"/> once <paramref name="used"/> is taken: the most use leaves the least.</summary>
    public static Spread<T> operator -(T limit, Spread<T> used)
        => new(limit - used.High, limit - used.Likely, limit - used.Low);

    /// <summary>Applies a function that never falls as its argument rises, to each of the three figures.</summary>
    /// <exception cref="ArgumentException">The function reversed the order.</exception>
    public Spread<TResult> Rising<TResult>(Func<T, TResult> function)
        where TResult : struct, IQuantity<TResult>
        => new(function(Low), function(Likely), function(High));

    /// <summary>For example <c>8 W (6–11 W)</c>, or the bare figure when it is exact.</summary>
    public override string ToString()
        => Low.CompareTo(High) == 0 ? Likely.ToString()! : $"{Likely} ({Low.ToString()!.Split(' ')[0]}–{High})";
}
