using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Describing;

/// <summary>What becomes of the things that are named, list by list.</summary>
/// <param name="Named">The things.</param>
/// <param name="Fate">What becomes of one: itself first, if it stays, then what is added; given it, and how it looks moved.</param>
internal sealed record ShellChange(HashSet<ShellThing> Named, Func<object, Func<ShellShift, object>, object[]> Fate)
{
    /// <summary>A list as it becomes.</summary>
    /// <param name="list">Which list it is.</param>
    /// <param name="items">What stands in it.</param>
    /// <param name="key">What an item is called, by itself or its place.</param>
    /// <param name="move">An item moved.</param>
    /// <param name="rename">An item under another name; null where items have none.</param>
    /// <param name="name">Its name, where not every item can be named here.</param>
    public ValueList<T> Of<T>(
        ShellList list, ValueList<T> items, Func<T, int, string> key, Func<T, ShellShift, T> move, Func<T, string, T>? rename = null,
        Func<T, string>? name = null)
        where T : class
    {
        var (kept, added) = (new List<T>(), new List<T>());
        foreach (var (index, item) in items.Index())
        {
            var became = Named.Contains(new ShellThing(list, key(item, index))) ? Fate(item, shift => move(item, shift)) : [item];
            kept.AddRange(became.Take(1).Cast<T>());
            foreach (var copy in became.Skip(1).Cast<T>())
            {
                var taken = items.Concat(added).Select((each, at) => name?.Invoke(each) ?? key(each, at));
                added.Add(rename is null ? copy : rename(copy, ShellThings.Fresh(name?.Invoke(copy) ?? key(copy, index), taken)));
            }
        }

        return [.. kept, .. added];
    }
}
