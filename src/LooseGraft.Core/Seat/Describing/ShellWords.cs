using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Describing;

/// <summary>Words about things of a shell.</summary>
public static class ShellWords
{
    private const int MostNamed = 4;

    /// <summary>What it is, with its article.</summary>
    public static string Words(this ShellSort sort) => sort switch
    {
        ShellSort.Opening => "an opening",
        ShellSort.Behind => "something behind it",
        ShellSort.Ceiling => "a lower ceiling",
        _ => $"a {sort.ToString().ToLowerInvariant()}",
    };

    /// <summary>So many boxes.</summary>
    internal static string Boxes(int count) => count == 1 ? "1 box" : $"{count} boxes";

    internal static string Of(Graft graft, string plane, ValueList<ShellThing> things)
    {
        var more = things.Length > MostNamed ? $" and {things.Length - MostNamed} more" : "";
        return $"{graft.Seating.FindPlane(plane)?.Name ?? plane}: {string.Join(", ", things.Take(MostNamed).Select(Name))}{more}";
    }

    internal static string Standing(Graft graft, string plane) => graft.Seating.FindPlane(plane) is not { } found ? "gone"
        : $"{found.Mounts.Length.Counted("mount")}, {found.Openings.Length.Counted("opening")}, {Boxes(graft.Seating.Boxes.Length)}";

    // A ceiling and what lies behind have no short names.
    private static string Name(ShellThing thing) => thing.List switch
    {
        ShellList.Ceiling => "a ceiling",
        ShellList.Behind => "something behind",
        _ => thing.Key,
    };
}
