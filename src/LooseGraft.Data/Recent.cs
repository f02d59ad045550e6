using System.Diagnostics.CodeAnalysis;

namespace LooseGraft.Data;

/// <summary>Things that were wanted lately, by key: of more than so many the one that was wanted longest ago is forgotten. Several may use it at
/// once.</summary>
/// <remarks>A cache that thins itself out in the background does not take what is new while it is full, and then what is wanted most is worked out again and
/// again.</remarks>
/// <param name="most">So many, few enough to be looked through at each that is forgotten.</param>
public sealed class Recent<TKey, TValue>(int most)
    where TKey : notnull
{
    private readonly Dictionary<TKey, (TValue Value, long Turn)> _kept = [];
    private readonly Lock _gate = new();
    private long _turn;

    /// <summary>Everything that is kept.</summary>
    public IReadOnlyList<TValue> All
    {
        get
        {
            lock (_gate) return [.. _kept.Values.Select(kept => kept.Value)];
        }
    }

    /// <summary>Whether a thing is kept, which is then the one wanted last.</summary>
    public bool TryFind(TKey key, [MaybeNullWhen(false)] out TValue value)
    {
        lock (_gate)
        {
            var isKept = _kept.TryGetValue(key, out var kept);
            value = kept.Value;
            if (isKept) _kept[key] = (kept.Value, ++_turn);
            return isKept;
        }
    }

    /// <summary>Keeps a thing in place of what was kept.</summary>
    public void Keep(TKey key, TValue value)
    {
        lock (_gate)
        {
            _kept[key] = (value, ++_turn);
            if (_kept.Count > most) _kept.Remove(_kept.MinBy(kept => kept.Value.Turn).Key);
        }
    }

    /// <summary>What is kept, or else what is made and kept.</summary>
    public TValue FindOrKeep(TKey key, Func<TValue> make)
    {
        lock (_gate)
        {
            if (TryFind(key, out var kept)) return kept;
            var made = make();
            Keep(key, made);
            return made;
        }
    }
}
