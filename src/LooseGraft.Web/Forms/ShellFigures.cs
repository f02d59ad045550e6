using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Describing;
using LooseGraft.Core.Seat.Edits;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>The figures of one thing of a shell, a field each: those of its line in the lists, in the same order, what is said in words last.</summary>
/// <param name="Cells">The fields.</param>
/// <param name="Also">What may be said in words, for beside the last field.</param>
public sealed record ShellFigures(IReadOnlyList<ShellCell> Cells, string Also)
{
    private static readonly string[] Mount = ["Short name", "Kind", "From left", "From rear", "Height", "Width of its top"];
    private static readonly string[] Opening = ["Short name", "Name", "For", "Wall", "Along, or from left", "Up, or from rear", "Width", "Height"];
    private static readonly string[] Ceiling = ["Name", "From left", "From rear", "Width", "Depth", "Free height"];
    private static readonly string[] Behind = ["Name", "From left", "From rear", "Width", "Depth", "Free behind the plane"];
    private static readonly string[] Box = ["Short name", "Name", "On", "From left", "From rear", "Width", "Depth", "Begins at", "Height", "Room round it"];
    private static readonly string[] Lead = ["Short name", "Name", "Plane", "From", "Drop there", "To", "Drop there", "Length", "Tightest bend"];

    /// <summary>The figures of a thing; null when it is not there.</summary>
    public static ShellFigures? Of(Seating seating, MountPlane plane, ShellThing thing) => thing.List switch
    {
        ShellList.Mount => Find(SeatLists.Mounts, plane.Mounts.FirstOrDefault(mount => mount.Id == thing.Key), Mount),
        ShellList.Opening => Find(SeatLists.Openings, plane.Openings.FirstOrDefault(opening => opening.Id == thing.Key), Opening),
        ShellList.Ceiling => Find(SeatLists.Ceilings, At(plane.Ceilings, thing), Ceiling),
        ShellList.Behind => Find(SeatLists.Behind, At(plane.BehindAreas, thing), Behind),
        ShellList.Box => Find(SeatLists.Boxes, seating.Boxes.FirstOrDefault(box => box.On == plane.Id && box.Id == thing.Key), Box),
        _ => Find(SeatLists.Runs, seating.Runs.FirstOrDefault(run => run.Plane == plane.Id && run.Id == thing.Key), Lead),
    };

    /// <summary>The thing as it was typed, in place of the one that stands; null, with errors, when something will not do.</summary>
    /// <param name="errors">Where errors go, beside the field <c>cell</c>.</param>
    /// <param name="seating">Everything that is placed.</param>
    /// <param name="plane">The plane.</param>
    /// <param name="thing">The thing.</param>
    /// <param name="cells">What was typed, field by field.</param>
    public static (GraftEdit Edit, ShellThing Thing)? Read(ModelStateDictionary errors, Seating seating, MountPlane plane, ShellThing thing, IReadOnlyList<string?> cells)
    {
        // Only the last field holds several words.
        var line = string.Join("; ", cells.SkipLast(1).Select(cell => (cell ?? "").Replace(';', ',')).Append(cells.LastOrDefault()?.Replace(", ", "; ", StringComparison.Ordinal)));
        var made = new ModelStateDictionary();
        var result = thing.List switch
        {
            ShellList.Mount => Replaced(SeatLists.Mounts, plane.Mounts, mount => mount.Id, (old, read) => read with { Unknown = old.Unknown },
                items => new DescribePlane(plane with { Mounts = items })),
            ShellList.Opening => Replaced(SeatLists.Openings, plane.Openings, opening => opening.Id,
                (old, read) => read with { Unknown = old.Unknown, Tolerance = old.Tolerance }, items => new DescribePlane(plane with { Openings = items })),
            ShellList.Ceiling => Replaced(SeatLists.Ceilings, plane.Ceilings, null, (old, read) => read with { Unknown = old.Unknown },
                items => new DescribePlane(plane with { Ceilings = items })),
            ShellList.Behind => Replaced(SeatLists.Behind, plane.BehindAreas, null, (old, read) => read with { Unknown = old.Unknown },
                items => new DescribePlane(plane with { BehindAreas = items })),
            ShellList.Box => Replaced(SeatLists.Boxes, seating.Boxes, box => box.Id,
                (old, read) => read with { Unknown = old.Unknown, Tolerance = old.Tolerance }, items => new SetBoxes(items)),
            _ => Replaced(SeatLists.Runs, seating.Runs, run => run.Id,
                (old, read) => read with { Unknown = old.Unknown, LengthError = old.LengthError }, items => new SetRuns(items)),
        };
        foreach (var error in made.Values.SelectMany(entry => entry.Errors))
            errors.AddModelError("cell", error.ErrorMessage.Replace($"Line 1, {line.Trim().Quoted()}: ", "", StringComparison.Ordinal));
        return errors.IsValid ? result : null;

        (GraftEdit Edit, ShellThing Thing)? Replaced<T>(
            SeatList<T> list, ValueList<T> items, Func<T, string>? key, Func<T, T, T> keep, Func<ValueList<T>, GraftEdit> edit)
            where T : class
        {
            var at = key is null ? int.Parse(thing.Key, System.Globalization.CultureInfo.InvariantCulture) : Array.FindIndex([.. items], item => key(item) == thing.Key);
            if (list.ReadAll(made, line) is not [var read]) return null;
            if (key is not null && items.Where((_, index) => index != at).Any(item => key(item) == key(read)))
                made.AddModelError("cell", $"“{key(read)}” stands there already; each name once.");
            ValueList<T> with = [.. items.Select((item, index) => index == at ? keep(item, read) : item)];
            return (edit(with), key is null ? thing : thing with { Key = key(read) });
        }
    }

    private static ShellFigures? Find<T>(SeatList<T> list, T? item, string[] labels)
        where T : class
    {
        if (item is null) return null;
        var cells = list.Write(item).Split("; ");
        var also = list.Columns.Split("and, where so, ") is [_, var words] ? words : "";
        var known = labels.Select((label, index) => new ShellCell(label, cells.ElementAtOrDefault(index) ?? "", Choices(label), label is "On" or "Plane"));
        return new ShellFigures([.. known, .. also.Length == 0 ? [] : new[] { new ShellCell("Also", string.Join(", ", cells.Skip(labels.Length)), [], false) }], also);
    }

    private static T? At<T>(ValueList<T> items, ShellThing thing)
        where T : class
        => int.TryParse(thing.Key, out var index) ? items.ElementAtOrDefault(index) : null;

    private static string[] Choices(string label) => label switch
    {
        "Kind" => [.. Enum.GetValues<MountKind>().Select(ListLine.Word)],
        "For" => [.. Enum.GetValues<OpeningKind>().Select(ListLine.Word)],
        "Wall" => [.. Enum.GetValues<PlaneWall>().Select(ListLine.Word)],
        _ => [],
    };
}
