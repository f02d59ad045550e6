using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Shell, board, boxes and leads as lists that are typed, a line each, or brought in as a drawing.</summary>
public sealed class SeatListsModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    [BindProperty(SupportsGet = true, Name = "plane")]
    public string? PlaneId { get; set; }

    [BindProperty(SupportsGet = true, Name = "board")]
    public string? BoardId { get; set; }

    public MountPlane? Plane { get; private set; }

    public Part? Board { get; private set; }

    /// <summary>What the plane may stand on as a tray; nothing where something stands on it.</summary>
    public IEnumerable<MountPlane> Below => Plane is { } plane ? StandForm.Below(Graft.Seating, plane) : [];

    public IEnumerable<Part> Boards => Graft.Parts.Where(part => part.CanBeSeated);

    public async Task<IActionResult> OnPostPlaneAsync(
        string? name, PlaneMaterial material, string? thickness, string? behind, string? lid, string? outline, string? mounts, string? ceilings,
        string? openings, string? walls, string? behindAreas, bool? lidMetal = null, bool isCovered = false, StandForm? stand = null)
    {
        if (!await LoadAsync() || Plane is not { } plane) return NotFound();
        var made = plane with
        {
            Name = string.IsNullOrWhiteSpace(name) ? plane.Name : name.Trim(),
            Material = material,
            Thickness = ModelState.OptionalLength("thickness", thickness, 0.1) ?? plane.Thickness,
            Behind = ModelState.OptionalLength("behind", behind, 0),
            BehindAreas = SeatLists.Behind.ReadAll(ModelState, behindAreas, plane.BehindAreas),
            IsCovered = isCovered,
            IsLidMetal = lidMetal,
            Stand = stand?.Read(ModelState, Graft.Seating, plane),
            Lid = ModelState.OptionalLength("lid", lid, 0),
            Outline = SeatLists.Outline.ReadAll(ModelState, outline, plane.Outline),
            Mounts = Once("mounts", SeatLists.Mounts.ReadAll(ModelState, mounts, plane.Mounts), mount => mount.Id),
            Ceilings = SeatLists.Ceilings.ReadAll(ModelState, ceilings, plane.Ceilings),
            Openings = Once("openings", SeatLists.Openings.ReadAll(ModelState, openings, plane.Openings), opening => opening.Id),
            Walls = Once("walls", SeatLists.WallSheets.ReadAll(ModelState, walls, plane.Walls), sheet => sheet.Wall.ToString().ToLowerInvariant()),
        };
        if (string.IsNullOrWhiteSpace(thickness)) ModelState.Remove("thickness");
        if (made.Outline.Length < 3) ModelState.AddModelError("outline", "An outline has three corners or more.");
        return await SaveAsync(new DescribePlane(made));
    }

    public async Task<IActionResult> OnPostRemovePlaneAsync(string plane)
    {
        PlaneId = null;
        return await SaveAsync(new RemovePlane(plane));
    }

    public async Task<IActionResult> OnPostBoardAsync(
        string? outline, string? holes, string? thickness, string? tails, Evidence evidence, string? zones, string? places)
    {
        if (!await LoadAsync() || Board is not { } board) return NotFound();
        var corners = SeatLists.Outline.ReadAll(ModelState, outline, board.Body?.Outline);
        if (corners.Length is 1 or 2) ModelState.AddModelError("outline", "An outline has three corners or more, or none while nobody measured.");
        var known = board.Body ?? new PartBody([], evidence);
        var body = corners.IsEmpty ? null : known with
        {
            Outline = corners,
            Evidence = evidence,
            Thickness = ModelState.OptionalLength("thickness", thickness, 0.1) ?? known.Thickness,
            Tails = ModelState.OptionalLength("tails", tails, 0) ?? known.Tails,
            Zones = SeatLists.Zones.ReadAll(ModelState, zones, known.Zones),
        };
        var drilled = SeatLists.Holes.ReadAll(ModelState, holes, board.Holes);
        var seats = Once("places", SeatLists.Ports.ReadAll(ModelState, places), pair => pair.Port);
        foreach (var (port, _) in seats.Where(pair => board.Ports.All(port => port.Id != pair.Port)))
            ModelState.AddModelError("places", $"“{port}” is no port of {board.Name}: it has {string.Join(", ", board.Ports.Select(found => found.Id))}.");
        return await SaveAsync(new DescribeBoard(board.Id, body, drilled, seats));
    }

    public async Task<IActionResult> OnPostBoxesAsync(string? boxes)
    {
        if (!await LoadAsync()) return NotFound();
        var made = Once("boxes", SeatLists.Boxes.ReadAll(ModelState, boxes, Graft.Seating.Boxes), box => box.Id);
        var grounds = Graft.Seating.Planes.Select(plane => plane.Id).Concat(Graft.Seating.Seats.Select(seat => seat.Part)).ToArray();
        foreach (var box in made.Where(box => !grounds.Contains(box.On)))
            ModelState.AddModelError("boxes", $"“{box.On}” is neither a base nor a seated board: there are {string.Join(", ", grounds)}.");
        foreach (var box in made.Where(box => box.Part is not null && Graft.FindPart(box.Part) is null))
            ModelState.AddModelError("boxes", $"There is no part “{box.Part}”.");
        return await SaveAsync(new SetBoxes(made));
    }

    public async Task<IActionResult> OnPostRunsAsync(string? runs)
    {
        if (!await LoadAsync()) return NotFound();
        var made = Once("runs", SeatLists.Runs.ReadAll(ModelState, runs, Graft.Seating.Runs), run => run.Id);
        foreach (var run in made.Where(run => Graft.Seating.FindPlane(run.Plane) is null)) ModelState.AddModelError("runs", $"“{run.Plane}” is no base.");
        foreach (var port in made.SelectMany(run => new[] { run.From.Port, run.To.Port }).OfType<PortId>().Where(port => Graft.FindPort(port) is null))
            ModelState.AddModelError("runs", $"There is no port {port}.");
        return await SaveAsync(new SetRuns(made));
    }

    /// <summary>Sorts of boards whose holes are standard.</summary>
    public static IEnumerable<PartTemplate> Patterns => PartTemplate.All.Where(template => template.HolesMm is { Count: > 0 });

    /// <summary>Gives a board the holes and outline of a standard, or a plane its standoffs.</summary>
    public async Task<IActionResult> OnPostPatternAsync(string? pattern, string? into, string? left, string? rear)
    {
        if (!await LoadAsync()) return NotFound();
        if (PartTemplate.Find(pattern ?? "") is not { HolesMm.Count: > 0 } usual)
        {
            ModelState.AddModelError("pattern", "Choose one of the standard boards offered.");
            return await InvalidAsync();
        }

        if (Graft.FindPart(into ?? "") is { } board) return await SaveAsync(new TakePattern(board.Id, usual));
        if (Graft.Seating.FindPlane(into ?? "") is not { } plane) return NotFound();
        return await SaveAsync(new AddStandoffs(
            plane.Id, usual, ModelState.OptionalLength("left", left, 0) ?? Millimetres.Zero, ModelState.OptionalLength("rear", rear, 0) ?? Millimetres.Zero));
    }

    /// <summary>Takes outlines and holes out of a drawing: for a board its outline and holes, for a plane its outline and what is cut into it.</summary>
    public async Task<IActionResult> OnPostDrawingAsync(IFormFile? file, string? into)
    {
        if (!await LoadAsync()) return NotFound();
        return await DrawingUpload.ReadAsync(ModelState, Graft, file, into, HttpContext.RequestAborted) is { } edit
            ? await SaveAsync(edit)
            : await InvalidAsync();
    }

    protected override void OnShown()
    {
        Plane = Graft.Seating.FindPlane(PlaneId ?? "") ?? Graft.Seating.Planes.FirstOrDefault();
        Board = Boards.FirstOrDefault(part => part.Id == BoardId) ?? Boards.FirstOrDefault();
    }

    private ValueList<T> Once<T>(string field, ValueList<T> items, Func<T, string> name)
    {
        foreach (var twice in items.GroupBy(name).Where(group => group.Count() > 1))
            ModelState.AddModelError(field, $"“{twice.Key}” stands there {twice.Count()} times; each name once.");
        return items;
    }
}
