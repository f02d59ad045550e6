using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>What the spaces and ways of a graft's air are called, and which there are.</summary>
public static class CoolingNames
{
    /// <summary>What stands for the room where a space is named.</summary>
    public const string Room = "the room";

    /// <summary>What a space is called; the room for none.</summary>
    public static string NameOfSpace(this Graft graft, string? space)
        => space is null ? Room : graft.Cooling.Spaces.FirstOrDefault(each => each.Id == space)?.Name ?? graft.Seating.FindPlane(space)?.Name ?? space;

    /// <summary>What a way, or an opening written plane/opening, is called.</summary>
    public static string NameOfWay(this Graft graft, string way)
        => graft.Cooling.Ways.FirstOrDefault(each => each.Id == way)?.Name ?? graft.FindVentOpening(way)?.Opening.Name ?? way;

    /// <summary>The opening written plane/opening; null where there is none.</summary>
    public static (MountPlane Plane, Opening Opening)? FindVentOpening(this Graft graft, string way)
        => way.Split('/') is [var plane, var opening] && graft.Seating.FindPlane(plane) is { } found
            && found.Openings.FirstOrDefault(each => each.Id == opening) is { } there ? (found, there) : null;

    /// <summary>Every way that air could take: the openings of Seat, then those that only Cool knows.</summary>
    public static IEnumerable<(string Key, string Name)> AirWays(this Graft graft)
    {
        foreach (var plane in graft.Seating.Planes.Where(plane => plane.Stand is null))
        {
            foreach (var opening in plane.Openings) yield return ($"{plane.Id}/{opening.Id}", opening.Name);
        }

        foreach (var way in graft.Cooling.Ways) yield return (way.Id, way.Name);
    }

    /// <summary>Every space: the planes that stand on no other, then those that only Cool knows.</summary>
    public static IEnumerable<(string Id, string Name)> AirSpaces(this Graft graft)
        => graft.Seating.Planes.Where(plane => plane.Stand is null).Select(plane => plane.Id)
            .Union(graft.Cooling.Spaces.Select(space => space.Id)).Select(id => (id, graft.NameOfSpace(id)));

    /// <summary>Which way a fan blows in a way: in, out, or towards a space.</summary>
    public static string Towards(this Graft graft, string way, AirDirection blows)
        => graft.Cooling.Ways.FirstOrDefault(each => each.Id == way) is { From: { } from, To: { } to }
            ? $"towards {graft.NameOfSpace(blows == AirDirection.In ? to : from)}" : blows == AirDirection.In ? "in" : "out";

    /// <summary>Whether a fan is a part of its own, which a builder may turn, move and run as he likes; that of a supply or card is not.</summary>
    public static bool IsOwnFan(this Graft graft, string part) => graft.FindPart(part)?.Kind == PartKind.Fan;

    /// <summary>Whether a way is the grille of a supply, whose own fan blows through it: nobody cuts into that.</summary>
    public static bool IsGrilleOfSupply(this Graft graft, string way)
        => graft.Cooling.Fans.Any(fan => fan.Way == way && graft.FindPart(fan.Part)?.Kind == PartKind.Supply);

    /// <summary>What is said of what cools a part; nothing yet where nobody said anything.</summary>
    public static CoolerPlace SaidOfCooler(this Graft graft, string part)
        => graft.Cooling.Coolers.FirstOrDefault(each => each.Part == part) ?? new CoolerPlace(part);

    /// <summary>What a temperature was read of.</summary>
    public static string NameOfRead(this Graft graft, HeatReading reading) => reading switch
    {
        { Part: { } part } => graft.FindPart(part)?.Kind switch
        {
            PartKind.Board => $"processor of {graft.NameOf(part)}",
            PartKind.Supply or PartKind.Converter => $"the air that {graft.NameOf(part)} takes in",
            _ => graft.NameOf(part),
        },
        { Way: { } way } => $"the air through {graft.NameOfWay(way)}",
        _ => $"the air of {graft.NameOfSpace(reading.Space)}",
    };

    /// <summary>A temperature that was read, in words; its id for one that is not there.</summary>
    public static string ReadWords(this Graft graft, string reading) => graft.Cooling.Readings.FirstOrDefault(each => each.Id == reading) is { } found
        ? $"{graft.NameOfRead(found)} at {found.Hot}" : reading;

    /// <summary>A size in words, such as <c>320 × 260 × 60 mm</c>.</summary>
    public static string Words(this SpaceSize size) => FormattableString.Invariant($"{size.Width.Value:0.#} × {size.Depth.Value:0.#} × {size.Height.Value:0.#} mm");
}
