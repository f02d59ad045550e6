using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;
using LooseGraft.Core.Seat.Edits;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>The figures of one thing of a shell or a board, a field each: those of its line in the lists, in the same order, what is said in words
/// last.</summary>
/// <param name="Cells">The fields.</param>
/// <param name="Also">What may be said in words, for beside the last field.</param>
public sealed record ShellFigures(IReadOnlyList<ShellCell> Cells, string Also)
{
    private static readonly string[] Mount = ["Short name", "Kind", "From left", "From rear", "Height", "Width of its top"];
    private static readonly string[] Opening = ["Short name", "Name", "For", "Wall", "Along, or from left", "Up, or from rear", "Width", "Height"];
    private static readonly string[] Ceiling = ["Name", "From left", "From rear", "Width", "Depth", "Free height"];
    private static readonly string[] Behind = ["Name", "From left", "From rear", "Width", "Depth", "Free behind the base"];
    private static readonly string[] Box = ["Short name", "Name", "On", "From left", "From rear", "Width", "Depth", "Begins at", "Height", "Room round it"];
    private static readonly string[] Lead = ["Short name", "Name", "Plane", "From", "Drop there", "To", "Drop there", "Length", "Tightest bend"];

    private static readonly string[] Hole = ["From left", "From rear", "Diameter"];
    private static readonly string[] Zone = ["Name", "What it is", "From left", "From rear", "Width", "Depth", "Height"];
    private static readonly string[] Port = ["Port", "From left", "From rear", "Faces", "Width", "Height", "Room for the plug"];

    /// <summary>The figures of a thing on a plane; null when it is not there.</summary>
    public static ShellFigures? Of(Seating seating, MountPlane plane, ShellThing thing) => thing.List switch
    {
        ShellList.Mount => Find(SeatLists.Mounts, plane.Mounts.FirstOrDefault(mount => mount.Id == thing.Key), Mount),
        ShellList.Opening => Find(SeatLists.Openings, plane.Openings.FirstOrDefault(opening => opening.Id == thing.Key), Opening),
        ShellList.Ceiling => Find(SeatLists.Ceilings, At(plane.Ceilings, thing), Ceiling),
        ShellList.Behind => Find(SeatLists.Behind, At(plane.BehindAreas, thing), Behind),
        ShellList.Box => Find(SeatLists.Boxes, seating.Boxes.FirstOrDefault(box => box.On == plane.Id && box.Id == thing.Key), Box),
        ShellList.Lead => Find(SeatLists.Runs, seating.Runs.FirstOrDefault(run => run.Plane == plane.Id && run.Id == thing.Key), Lead),
        _ => null,
    };

    /// <summary>The figures of a thing on a board; null when it is not there.</summary>
    public static ShellFigures? Of(Part board, ShellThing thing) => thing.List switch
    {
        ShellList.Hole => Find(SeatLists.Holes, At(board.Holes, thing), Hole),
        ShellList.Zone => Find(SeatLists.Zones, At(board.Body?.Zones ?? [], thing), Zone),
        ShellList.Port => board.Ports.FirstOrDefault(port => port.Id == thing.Key)?.Place is { } place
            ? new ShellFigures(CellsOf(SeatLists.Ports.Write((thing.Key, place)).Split("; "), Port), "") : null,
        _ => null,
    };

    /// <summary>The thing of a plane as it was typed, in place of the one that stands; null, with errors, when something will not do.</summary>
    /// <param name="errors">Where errors go, beside the field <c>cell</c>.</param>
    /// <param name="seating">Everything that is placed.</param>
    /// <param name="plane">The plane.</param>
    /// <param name="thing">The thing; it is there.</param>
    /// <param name="cells">What was typed, field by field.</param>
    public static (GraftEdit Edit, ShellThing Thing)? Read(
        ModelStateDictionary errors, Seating seating, MountPlane plane, ShellThing thing, IReadOnlyList<string?> cells)
    {
        var typed = new ShellTyped(errors, thing, cells);
        return thing.List switch
        {
            ShellList.Mount => typed.Into(SeatLists.Mounts, plane.Mounts, mount => mount.Id, (old, read) => read with { Unknown = old.Unknown },
                items => new DescribePlane(plane with { Mounts = items })),
            ShellList.Opening => typed.Into(SeatLists.Openings, plane.Openings, opening => opening.Id,
                (old, read) => read with { Unknown = old.Unknown, Tolerance = old.Tolerance }, items => new DescribePlane(plane with { Openings = items })),
            ShellList.Ceiling => typed.Into(SeatLists.Ceilings, plane.Ceilings, null, (old, read) => read with { Unknown = old.Unknown },
                items => new DescribePlane(plane with { Ceilings = items })),
            ShellList.Behind => typed.Into(SeatLists.Behind, plane.BehindAreas, null, (old, read) => read with { Unknown = old.Unknown },
                items => new DescribePlane(plane with { BehindAreas = items })),
            ShellList.Box => typed.Into(SeatLists.Boxes, seating.Boxes, box => box.Id,
                (old, read) => read with { Unknown = old.Unknown, Tolerance = old.Tolerance }, items => new SetBoxes(items)),
            _ => typed.Into(SeatLists.Runs, seating.Runs, run => run.Id,
                (old, read) => read with { Unknown = old.Unknown, LengthError = old.LengthError }, items => new SetRuns(items)),
        };
    }

    /// <summary>The same of a thing of a board.</summary>
    public static (GraftEdit Edit, ShellThing Thing)? Read(ModelStateDictionary errors, Part board, ShellThing thing, IReadOnlyList<string?> cells)
    {
        var typed = new ShellTyped(errors, thing, cells);
        ValueList<(string Port, PortPlace Place)> places = [.. board.Ports.Where(port => port.Place is not null).Select(port => (port.Id, port.Place!))];
        return thing.List switch
        {
            ShellList.Hole => typed.Into(SeatLists.Holes, board.Holes, null, (old, read) => read with { Unknown = old.Unknown },
                items => new DescribeBoard(board.Id, board.Body, items, places)),
            ShellList.Zone => typed.Into(SeatLists.Zones, board.Body!.Zones, null, (old, read) => read with { Unknown = old.Unknown },
                items => new DescribeBoard(board.Id, board.Body with { Zones = items }, board.Holes, places)),
            _ => typed.Into(SeatLists.Ports, places, pair => pair.Port, (old, read) => (old.Port, read.Place with { Unknown = old.Place.Unknown }),
                items => new DescribeBoard(board.Id, board.Body, board.Holes, items)),
        };
    }

    private static ShellFigures? Find<T>(SeatList<T> list, T? item, string[] labels)
        where T : class
    {
        if (item is null) return null;
        var cells = list.Write(item).Split("; ");
        var also = list.Columns.Split("and, where so, ") is [_, var words] ? words : "";
        var known = CellsOf(cells, labels);
        return new ShellFigures(also.Length == 0 ? known : [.. known, new ShellCell("Also", string.Join(", ", cells.Skip(labels.Length)), [], false)], also);
    }

    // What follows from where a thing lies is not typed.
    private static ShellCell[] CellsOf(string[] cells, string[] labels)
        => [.. labels.Select((label, index)
            => new ShellCell(label, cells.ElementAtOrDefault(index) ?? "", Choices(label), label is "On" or "Plane" or "Port"))];

    private static T? At<T>(ValueList<T> items, ShellThing thing)
        where T : class
        => int.TryParse(thing.Key, out var index) ? items.ElementAtOrDefault(index) : null;

    private static string[] Choices(string label) => label switch
    {
        "Kind" => [.. Enum.GetValues<MountKind>().Select(ListLine.Word)],
        "For" => [.. Enum.GetValues<OpeningKind>().Select(ListLine.Word)],
        "What it is" => [.. Enum.GetValues<BodyZoneKind>().Select(ListLine.Word)],
        "Faces" => [.. Enum.GetValues<PortFacing>().Select(ListLine.Word)],
        "Wall" => [.. Enum.GetValues<PlaneWall>().Select(ListLine.Word)],
        _ => [],
    };
}
