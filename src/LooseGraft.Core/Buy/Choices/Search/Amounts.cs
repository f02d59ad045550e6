namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Holds amounts against each other, one by one.</summary>
internal sealed class Amounts<T> : IEqualityComparer<T[]>
    where T : IEquatable<T>
{
    public static readonly Amounts<T> Comparer = new();

    public bool Equals(T[]? one, T[]? other) => one.AsSpan().SequenceEqual(other);

    public int GetHashCode(T[] amounts)
    {
        var hash = new HashCode();
        foreach (var amount in amounts) hash.Add(amount);
        return hash.ToHashCode();
    }
}
