using System.Collections;
using System.Collections.Immutable;
using System.Runtime.CompilerServices;

namespace LooseGraft.Core.Model;

/// <summary>A list that is a value: it never changes, and two lists are equal when they hold equal items in the same order. What holds only values and lists of
/// values is compared by <c>==</c>.</summary>
/// <typeparam name="T">A type whose own equality is that of values.</typeparam>
[CollectionBuilder(typeof(ValueList), nameof(ValueList.Of))]
public readonly struct ValueList<T> : IReadOnlyList<T>, IEquatable<ValueList<T>>
{
    private readonly ImmutableArray<T> _items;

    /// <summary>Takes over an array; a default one counts as empty.</summary>
    public ValueList(ImmutableArray<T> items) => _items = items;

    /// <summary>How many items.</summary>
    public int Length => Items.Length;

    /// <summary>Whether there are none.</summary>
    public bool IsEmpty => Length == 0;

    /// <inheritdoc/>
    int IReadOnlyCollection<T>.Count => Length;

    private ImmutableArray<T> Items => _items.IsDefault ? [] : _items;

    /// <summary>The item at a place, from 0.</summary>
    /// <exception cref="IndexOutOfRangeException">There is no such place.</exception>
    public T this[int index] => Items[index];

    /// <summary>The list with one more item at its end.</summary>
    public ValueList<T> Add(T item) => new(Items.Add(item));

    /// <summary>The list with another item at a place.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such place.</exception>
    public ValueList<T> SetItem(int index, T item) => new(Items.SetItem(index, item));

    /// <summary>The list without the item at a place.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such place.</exception>
    public ValueList<T> RemoveAt(int index) => new(Items.RemoveAt(index));

    /// <summary>The list without the items meant.</summary>
    public ValueList<T> RemoveAll(Predicate<T> isMeant) => new(Items.RemoveAll(isMeant));

    /// <summary>Goes through the items without an allocation.</summary>
    public ImmutableArray<T>.Enumerator GetEnumerator() => Items.GetEnumerator();

    /// <inheritdoc/>
    IEnumerator<T> IEnumerable<T>.GetEnumerator() => ((IEnumerable<T>)Items).GetEnumerator();

    /// <inheritdoc/>
    IEnumerator IEnumerable.GetEnumerator() => ((IEnumerable)Items).GetEnumerator();

    /// <summary>Whether the other list holds equal items in the same order.</summary>
    public bool Equals(ValueList<T> other) => Items.Equals(other.Items) || Items.AsSpan().SequenceEqual(other.Items.AsSpan());

    /// <inheritdoc/>
    public override bool Equals(object? obj) => obj is ValueList<T> other && Equals(other);

    /// <inheritdoc/>
    public override int GetHashCode()
    {
        var hash = default(HashCode);
        foreach (var item in Items) hash.Add(item);
        return hash.ToHashCode();
    }

    /// <summary>Whether both hold equal items in the same order.</summary>
    public static bool operator ==(ValueList<T> one, ValueList<T> other) => one.Equals(other);

    /// <summary>Whether they differ in an item, in order or in length.</summary>
    public static bool operator !=(ValueList<T> one, ValueList<T> other) => !one.Equals(other);
}

/// <summary>Makes lists that are values.</summary>
public static class ValueList
{
    /// <summary>A list of these items.</summary>
    public static ValueList<T> Of<T>(ReadOnlySpan<T> items) => new([.. items]);

    /// <summary>A list of these items, in their order.</summary>
    public static ValueList<T> ToValueList<T>(this IEnumerable<T> items) => new([.. items]);
}
