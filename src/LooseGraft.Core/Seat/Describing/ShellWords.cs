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
        ShellSort.Tall => "what stands tall",
        ShellSort.BareBoard => "bare board below",
        ShellSort.Insulated => "insulated below",
        ShellSort.Below => "what stands out below",
        ShellSort.Aerial => "an aerial",
        _ => $"a {Plain(sort)}",
    };

    /// <summary>A word for it, small.</summary>
    internal static string Plain(ShellSort sort) => sort == ShellSort.BareBoard ? "bare board" : sort.ToString().ToLowerInvariant();

    /// <summary>So many boxes.</summary>
    internal static string Boxes(int count) => count == 1 ? "1 box" : $"{count} boxes";

    internal static string Of(Graft graft, string of, ValueList<ShellThing> things)
    {
        var more = things.Length > MostNamed ? $" and {things.Length - MostNamed} more" : "";
        return $"{NameOf(graft, of)}: {string.Join(", ", things.Take(MostNamed).Select(Of))}{more}";
    }

    internal static string NameOf(Graft graft, string of) => graft.Seating.FindPlane(of)?.Name ?? graft.NameOf(of);

    internal static string Standing(Graft graft, string of)
        => graft.Seating.FindPlane(of) is { } plane
            ? $"{plane.Mounts.Length.Counted("mount")}, {plane.Openings.Length.Counted("opening")}, {Boxes(graft.Seating.Boxes.Length)}"
            : graft.FindPart(of) is { } part ? $"{part.Holes.Length.Counted("hole")}, {(part.Body?.Zones.Length ?? 0).Counted("zone")}" : "gone";

    // These have no short names.
    internal static string Of(ShellThing thing) => thing.List switch
    {
        ShellList.Ceiling => "a ceiling",
        ShellList.Behind => "something behind",
        ShellList.Hole => $"hole {(int.TryParse(thing.Key, out var index) ? index + 1 : 0)}",
        ShellList.Zone => "a zone",
        _ => thing.Key,
    };
}
