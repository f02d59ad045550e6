
namespace LooseGraft.Core.Model;

/// <summary>Parts that stand in the place of others. What is replaced stays in the graft, set aside: it is in no judgement and no sum until its place is
/// free again.</summary>
public static class Replacements
{
    /// <summary>The part that stands in the place of another; null where none does.</summary>
    public static Part? InPlaceOf(this Graft graft, string part) => graft.Parts.FirstOrDefault(other => other.InPlaceOf == part);

    /// <summary>The graft without what is set aside: as it is built, judged and added up.</summary>
    public static Graft InUse(this Graft graft)
        => graft.Parts.Where(part => part.InPlaceOf is not null).Select(part => part.InPlaceOf!).Distinct().ToArray()
            .Aggregate(graft, SetAside);

    /// <summary>What is set aside of a list of the seating, which who works on the graft in use does not see and must not lose.</summary>
    /// <param name="graft">The graft with everything in it.</param>
    /// <param name="list">The list.</param>
    /// <param name="id">Its things' ids.</param>
    public static IEnumerable<T> Aside<T>(this Graft graft, Func<Seating, ValueList<T>> list, Func<T, string> id)
        => list(graft.Seating).ExceptBy(list(graft.InUse().Seating).Select(id), id);

    /// <summary>The parts in whose place a part may stand: every other one that does not stand, itself or through others, in its own.</summary>
    public static IEnumerable<Part> Replaceable(this Graft graft, string part)
        => graft.Parts.Where(other => other.Id != part && !graft.Before(other).Contains(part));

    /// <summary>Whether a part stands in its own place, through whichever others.</summary>
    public static bool IsInItsOwnPlace(this Graft graft, Part part) => graft.Before(part).Contains(part.Id);

    // Taken out it would leave its box behind, as a thing of nobody's that stays in the way.
    private static Graft SetAside(Graft graft, string part)
        => graft.WithSeating(seating => seating with { Boxes = seating.Boxes.RemoveAll(box => box.Part == part) }).WithoutPart(part);

    // What was in its place before it, the latest first. A circle is gone round once.
    private static HashSet<string> Before(this Graft graft, Part part)
    {
        var before = new HashSet<string>();
        for (var at = part; at?.InPlaceOf is { } replaced && before.Add(replaced); at = graft.FindPart(replaced))
        {
        }

        return before;
    }
}
