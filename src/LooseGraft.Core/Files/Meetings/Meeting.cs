using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files.Meetings;

/// <summary>Two changes of one graft that were made without knowing of each other: whether both can stand.</summary>
/// <param name="Together">The graft with both; null when they cannot both stand, and the builder has to choose.</param>
/// <param name="Clashes">The fields that both want; may be empty although both cannot stand, when the second change would do something else to the graft as
/// it stands than it did to the one it was made upon.</param>
public sealed record Meeting(Graft? Together, ImmutableArray<Clash> Clashes)
{
    /// <summary>Lets two changes meet. Linear in the length of the graft's file.</summary>
    /// <param name="began">The graft that the second change was made upon.</param>
    /// <param name="edit">The second change.</param>
    /// <param name="stands">The graft as it stands by the first.</param>
    /// <remarks>The edit is made upon what stands, not its outcome copied there: only the edit knows what else has to change with it. That it then changed
    /// the same fields to the same values is checked. Whether the two go together in the world is not asked here; that is for the rules.</remarks>
    public static Meeting Of(Graft began, GraftEdit edit, Graft stands)
    {
        var (yours, together) = (edit.Apply(began), edit.Apply(stands));
        var (mine, theirs) = (Differences.Between(began, yours), Differences.Between(began, stands));
        var clashes = from one in mine
                      from other in theirs
                      where one.Touches(other) && !one.Equals(other)
                      let wider = one.Place.Length <= other.Place.Length ? one : other
                      select new Clash(
                          string.Join(" › ", wider.Words), FieldChange.Told(wider.Before), Told(wider, one), Told(wider, other));
        var told = clashes.Distinct().ToImmutableArray();
        var isSame = told.IsEmpty && mine.ToHashSet().SetEquals([.. Differences.Between(stands, together), .. mine.Intersect(theirs)]);
        return new Meeting(isSame ? together : null, told);
    }

    // A field within a thing that the other took out, or put in otherwise, is told as part of it.
    private static string Told(FieldChange wider, FieldChange change)
        => change.Place.Length == wider.Place.Length
            ? FieldChange.Told(change.After)
            : $"{string.Join(" › ", change.Words.Skip(wider.Words.Length))}: {FieldChange.Told(change.After)}";
}
