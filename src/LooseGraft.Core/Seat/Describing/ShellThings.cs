using System.Globalization;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Describing;

/// <summary>Changes to things of a shell by what they are called. What is named and not there is passed over.</summary>
internal static class ShellThings
{
    private static readonly char[] Digits = [.. "0123456789"];

    /// <summary>Moves some of them.</summary>
    public static Seating Moved(Seating seating, string plane, IEnumerable<ShellThing> things, ShellShift shift)
        => Changed(seating, plane, things, (_, move) => [move(shift)]);

    /// <summary>Takes some of them away.</summary>
    public static Seating Without(Seating seating, string plane, IEnumerable<ShellThing> things) => Changed(seating, plane, things, (_, _) => []);

    /// <summary>Puts a copy of some of them beside them, under names of its own.</summary>
    public static Seating Copied(Seating seating, string plane, IEnumerable<ShellThing> things, ShellShift shift)
        => Changed(seating, plane, things, (itself, move) => [itself, move(shift)]);

    /// <summary>The next name of a row: <c>s3</c> after <c>s1</c> and <c>s2</c>.</summary>
    public static string Fresh(string like, IEnumerable<string> taken)
    {
        var (stem, known) = (like.TrimEnd(Digits), taken.ToHashSet());
        if (stem.Length == 0) stem = "s";
        return Enumerable.Range(1, known.Count + 1).Select(number => stem + number.ToInvariant()).First(name => !known.Contains(name));
    }

    public static string ToInvariant(this int number) => number.ToString(CultureInfo.InvariantCulture);

    // What becomes of a named thing: of itself, and of how it looks moved.
    private delegate object[] Fate(object itself, Func<ShellShift, object> move);

    private static Seating Changed(Seating seating, string plane, IEnumerable<ShellThing> things, Fate fate)
    {
        var named = things.ToHashSet();
        return seating.WithPlane(plane, found => found with
        {
            Mounts = All(ShellList.Mount, found.Mounts, (mount, _) => mount.Id, (mount, shift) => mount with { At = shift.Of(mount.At) },
                (mount, id) => mount with { Id = id, State = MountState.AsFound }),
            Openings = All(ShellList.Opening, found.Openings, (opening, _) => opening.Id, (opening, shift) => shift.Of(opening),
                (opening, id) => opening with { Id = id }),
            Ceilings = All(ShellList.Ceiling, found.Ceilings, (_, index) => index.ToInvariant(),
                (ceiling, shift) => ceiling with { Area = shift.Of(ceiling.Area) }),
            BehindAreas = All(ShellList.Behind, found.BehindAreas, (_, index) => index.ToInvariant(),
                (behind, shift) => behind with { Area = shift.Of(behind.Area) }),
        }) with
        {
            // A part is there but once: the copy of what it takes up is another's.
            Boxes = All(ShellList.Box, seating.Boxes, (box, _) => box.On == plane ? box.Id : "", (box, shift) => box with { Area = shift.Of(box.Area) },
                (box, id) => box with { Id = id, Part = null }, box => box.Id),
            Runs = All(ShellList.Lead, seating.Runs, (run, _) => run.Plane == plane ? run.Id : "",
                (run, shift) => run with { From = shift.Of(run.From), To = shift.Of(run.To) }, (run, id) => run with { Id = id }, run => run.Id),
        };

        ValueList<T> All<T>(
            ShellList list, ValueList<T> items, Func<T, int, string> key, Func<T, ShellShift, T> move, Func<T, string, T>? rename = null,
            Func<T, string>? name = null)
            where T : class
        {
            var (kept, added) = (new List<T>(), new List<T>());
            foreach (var (index, item) in items.Index())
            {
                var became = named.Contains(new ShellThing(list, key(item, index))) ? fate(item, shift => move(item, shift)) : [item];
                kept.AddRange(became.Take(1).Cast<T>());
                foreach (var copy in became.Skip(1).Cast<T>())
                {
                    var taken = items.Concat(added).Select((each, at) => name?.Invoke(each) ?? key(each, at));
                    added.Add(rename is null ? copy : rename(copy, Fresh(name?.Invoke(copy) ?? key(copy, index), taken)));
                }
            }

            return [.. kept, .. added];
        }
    }
}
