using System.Collections.Immutable;
using System.Text;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Exchange;
using LooseGraft.Core.Stock;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Shell, board, boxes and leads as lists that are typed, a line each, or brought in as a drawing.</summary>
public sealed class SeatListsModel(GraftStore store, ReviewCache reviews) : GraftPageModel(store, reviews)
{
    public override Stage? Stage => Core.Findings.Stage.Seat;

    [BindProperty(SupportsGet = true, Name = "plane")]
    public string? PlaneId { get; set; }

    [BindProperty(SupportsGet = true, Name = "board")]
    public string? BoardId { get; set; }

    public MountPlane? Plane { get; private set; }

    public Part? Board { get; private set; }

    public IEnumerable<Part> Boards => Graft.Parts.Where(part => part.Kind == PartKind.Board || part.Body is not null || !part.Holes.IsEmpty);

    public async Task<IActionResult> OnPostPlaneAsync(string? name, PlaneMaterial material, string? thickness, string? behind, string? lid, string? outline, string? mounts, string? ceilings, string? openings)
    {
        if (!await LoadAsync() || Plane is not { } plane) return NotFound();
        var made = plane with
        {
            Name = string.IsNullOrWhiteSpace(name) ? plane.Name : name.Trim(),
            Material = material,
            Thickness = Size("thickness", thickness, 0.1) ?? plane.Thickness,
            Behind = Size("behind", behind, 0),
            Lid = Size("lid", lid, 0),
            Outline = SeatLists.Outline.ReadAll(ModelState, outline),
            Mounts = Once("mounts", SeatLists.Mounts.ReadAll(ModelState, mounts), mount => mount.Id),
            Ceilings = SeatLists.Ceilings.ReadAll(ModelState, ceilings),
            Openings = Once("openings", SeatLists.Openings.ReadAll(ModelState, openings), opening => opening.Id),
        };
        if (string.IsNullOrWhiteSpace(thickness)) ModelState.Remove("thickness");
        if (made.Outline.Length < 3) ModelState.AddModelError("outline", "An outline has three corners or more.");
        return await SaveAsync(new Edit($"{made.Name} described: {made.Mounts.Length} mounts, {made.Openings.Length} openings", graft => graft.WithSeating(seating => seating.WithPlane(plane.Id, _ => made)),
            graft => graft.Seating.FindPlane(plane.Id) is { } found ? $"{found.Mounts.Length} mounts, {found.Openings.Length} openings, {found.Ceilings.Length} ceilings" : "gone"));
    }

    public async Task<IActionResult> OnPostRemovePlaneAsync(string plane)
    {
        PlaneId = null;
        return await SaveAsync(new Edit($"Plane {plane} taken out, with everything on it", graft => graft.WithSeating(seating => seating.WithoutPlane(plane)), graft => $"{graft.Seating.Planes.Length} planes"));
    }

    public async Task<IActionResult> OnPostBoardAsync(string? outline, string? holes, string? thickness, string? tails, Evidence evidence, string? zones, string? places)
    {
        if (!await LoadAsync() || Board is not { } board) return NotFound();
        var corners = SeatLists.Outline.ReadAll(ModelState, outline);
        if (corners.Length is 1 or 2) ModelState.AddModelError("outline", "An outline has three corners or more, or none while nobody measured.");
        var known = board.Body ?? new PartBody([], evidence);
        var body = corners.IsEmpty ? null : known with
        {
            Outline = corners,
            Evidence = evidence,
            Thickness = Size("thickness", thickness, 0.1) ?? known.Thickness,
            Tails = Size("tails", tails, 0) ?? known.Tails,
            Zones = SeatLists.Zones.ReadAll(ModelState, zones),
        };
        var drilled = SeatLists.Holes.ReadAll(ModelState, holes);
        var seats = Once("places", SeatLists.Ports.ReadAll(ModelState, places), pair => pair.Port);
        foreach (var (port, _) in seats.Where(pair => board.Ports.All(port => port.Id != pair.Port))) ModelState.AddModelError("places", $"“{port}” is no port of {board.Name}: it has {string.Join(", ", board.Ports.Select(found => found.Id))}.");
        return await SaveAsync(new Edit($"{board.Name} described: {drilled.Length} holes, {seats.Length} ports placed",
            graft => graft.WithPart(board.Id, part => part with
            {
                Body = body,
                Holes = drilled,
                Ports = [.. part.Ports.Select(port => port with { Place = seats.Where(pair => pair.Port == port.Id).Select(pair => pair.Place).FirstOrDefault() })],
            }),
            graft => graft.FindPart(board.Id) is { } part ? $"{part.Holes.Length} holes, {part.Body?.Outline.Length ?? 0} corners, {part.Ports.Count(port => port.Place is not null)} ports placed" : "gone"));
    }

    public async Task<IActionResult> OnPostBoxesAsync(string? boxes)
    {
        var made = Once("boxes", SeatLists.Boxes.ReadAll(ModelState, boxes), box => box.Id);
        if (!await LoadAsync()) return NotFound();
        var grounds = Graft.Seating.Planes.Select(plane => plane.Id).Concat(Graft.Seating.Seats.Select(seat => seat.Part)).ToArray();
        foreach (var box in made.Where(box => !grounds.Contains(box.On))) ModelState.AddModelError("boxes", $"“{box.On}” is neither a plane nor a seated board: there are {string.Join(", ", grounds)}.");
        foreach (var box in made.Where(box => box.Part is not null && Graft.FindPart(box.Part) is null)) ModelState.AddModelError("boxes", $"There is no part “{box.Part}”.");
        return await SaveAsync(new Edit($"What takes up room: {made.Length} boxes", graft => graft.WithSeating(seating => seating with { Boxes = made }), graft => $"{graft.Seating.Boxes.Length} boxes"));
    }

    public async Task<IActionResult> OnPostRunsAsync(string? runs)
    {
        var made = Once("runs", SeatLists.Runs.ReadAll(ModelState, runs), run => run.Id);
        if (!await LoadAsync()) return NotFound();
        foreach (var run in made.Where(run => Graft.Seating.FindPlane(run.Plane) is null)) ModelState.AddModelError("runs", $"“{run.Plane}” is no plane.");
        foreach (var port in made.SelectMany(run => new[] { run.From.Port, run.To.Port }).OfType<PortId>().Where(port => Graft.FindPort(port) is null)) ModelState.AddModelError("runs", $"There is no port {port}.");
        return await SaveAsync(new Edit($"Leads that have to reach: {made.Length}", graft => graft.WithSeating(seating => seating with { Runs = made }), graft => $"{graft.Seating.Runs.Length} leads"));
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

        var holes = TemplatePart.MakeHoles(usual);
        if (Graft.FindPart(into ?? "") is { } board)
        {
            return await SaveAsync(new Edit($"{board.Name} has the holes and outline of a standard board: {usual.Name}",
                graft => graft.WithPart(board.Id, part => part with { Holes = holes, Body = TemplatePart.MakeBody(usual) is { } body ? (part.Body ?? body) with { Outline = body.Outline, Evidence = Evidence.Document } : part.Body }),
                graft => $"{graft.FindPart(board.Id)?.Holes.Length ?? 0} holes"));
        }

        if (Graft.Seating.FindPlane(into ?? "") is not { } plane) return NotFound();
        var (x, y) = (Size("left", left, 0)?.Value ?? 0, Size("rear", rear, 0)?.Value ?? 0);
        return await SaveAsync(new Edit($"{plane.Name} has the standoffs of a standard board: {usual.Name}",
            graft => graft.WithSeating(seating => seating.WithPlane(plane.Id, found => found with { Mounts = WithStandoffs(found.Mounts, holes, x, y) })),
            graft => $"{graft.Seating.FindPlane(plane.Id)?.Mounts.Length ?? 0} mounts"));
    }

    /// <summary>Takes outlines and holes out of a drawing: for a board its outline and holes, for a plane its outline and what is cut into it.</summary>
    public async Task<IActionResult> OnPostDrawingAsync(IFormFile? file, string? into)
    {
        if (!await LoadAsync()) return NotFound();
        if (file is null || file.Length == 0) ModelState.AddModelError("file", "Choose a drawing, DXF or SVG.");
        else if (file.Length > ReadSheet.MostBytes) ModelState.AddModelError("file", $"The drawing is larger than {ReadSheet.MostBytes / 1024 / 1024} MiB.");
        if (!ModelState.IsValid) return await InvalidAsync();
        using var reader = new StreamReader(file!.OpenReadStream(), Encoding.UTF8);
        var text = await reader.ReadToEndAsync(HttpContext.RequestAborted);
        var read = text.TrimStart().StartsWith('<') ? SvgReader.Read(text) : DxfReader.Read(text);
        if (read.Problem is { } problem) ModelState.AddModelError("file", $"{Path.GetFileName(file.FileName)} was not brought in. {problem}");
        var edit = Graft.FindPart(into ?? "") is { } part ? IntoBoard(part, read) : Graft.Seating.FindPlane(into ?? "") is { } plane ? IntoPlane(plane, read) : null;
        if (edit is null) ModelState.AddModelError("file", "Choose what the drawing shows: a board or a plane.");
        return edit is null ? await InvalidAsync() : await SaveAsync(edit);
    }

    protected override void OnShown()
    {
        Plane = Graft.Seating.FindPlane(PlaneId ?? "") ?? Graft.Seating.Planes.FirstOrDefault();
        Board = Boards.FirstOrDefault(part => part.Id == BoardId) ?? Boards.FirstOrDefault();
    }

    private static ValueList<Mount> WithStandoffs(ValueList<Mount> mounts, ValueList<MountHole> holes, double x, double y)
    {
        foreach (var hole in holes)
        {
            var at = new PlanPoint(Math.Round(hole.X + x, 2), Math.Round(hole.Y + y, 2));
            if (mounts.Any(mount => mount.At.To(at) < 1)) continue;
            mounts = mounts.Add(new Mount(GraftEdits.FreshId("s", mounts.Select(mount => mount.Id)), MountKind.Standoff, at, UsualBoard.Rise) { Evidence = Evidence.Document });
        }

        return mounts;
    }

    private static Edit IntoBoard(Part board, ReadSheet read)
    {
        const double widest = 20;
        var corner = PlanRectangle.Round(read.Outlines.IsEmpty ? [] : read.Outlines[0]);
        var holes = read.Circles.Where(circle => circle.Radius * 2 <= widest).Take(Core.Files.GraftFileLimits.Holes)
            .Select(circle => new MountHole(Math.Round(circle.Middle.X - corner.X, 2), Math.Round(circle.Middle.Y - corner.Y, 2), new Millimetres(Math.Round(circle.Radius * 2, 2)))).ToValueList();
        return new Edit($"{board.Name} from a drawing: {holes.Length} holes{Notes(read)}",
            graft => graft.WithPart(board.Id, part => part with
            {
                Holes = holes,
                Body = read.Outlines.IsEmpty ? part.Body : (part.Body ?? new PartBody([], Evidence.Diagram)) with { Outline = Moved(read.Outlines[0], corner), Evidence = Evidence.Diagram },
            }),
            graft => $"{graft.FindPart(board.Id)?.Holes.Length ?? 0} holes");
    }

    private static Edit IntoPlane(MountPlane plane, ReadSheet read)
    {
        var corner = PlanRectangle.Round(read.Outlines.IsEmpty ? [] : read.Outlines[0]);
        var ways = read.Outlines.Skip(1).Take(Core.Files.GraftFileLimits.Openings)
            .Select((outline, index) => (index, Area: PlanRectangle.Round(Moved(outline, corner)))).Where(pair => pair.Area is { Width: >= 0.1, Depth: >= 0.1 })
            .Select(pair => new Opening($"cut-{pair.index + 1}", $"cut {pair.index + 1}", OpeningKind.Way, PlaneWall.Floor, pair.Area)).ToValueList();
        var mounts = read.Circles.Take(Core.Files.GraftFileLimits.Mounts)
            .Select((circle, index) => new Mount($"m{index + 1}", MountKind.Standoff, new PlanPoint(Math.Round(circle.Middle.X - corner.X, 2), Math.Round(circle.Middle.Y - corner.Y, 2)), UsualBoard.Rise) { Evidence = Evidence.Diagram }).ToValueList();
        return new Edit($"{plane.Name} from a drawing: {mounts.Length} mounts, {ways.Length} openings{Notes(read)}",
            graft => graft.WithSeating(seating => seating.WithPlane(plane.Id, found => found with { Outline = read.Outlines.IsEmpty ? found.Outline : Moved(read.Outlines[0], corner), Mounts = mounts, Openings = ways })),
            graft => $"{graft.Seating.FindPlane(plane.Id)?.Mounts.Length ?? 0} mounts");
    }

    private static ValueList<PlanPoint> Moved(IEnumerable<PlanPoint> outline, PlanRectangle corner)
        => [.. outline.Take(Core.Files.GraftFileLimits.Corners).Select(place => new PlanPoint(Math.Round(place.X - corner.X, 2), Math.Round(place.Y - corner.Y, 2)))];

    private static string Notes(ReadSheet read) => read.Notes.IsEmpty ? "" : $" ({string.Join("; ", read.Notes)})";

    private ValueList<T> Once<T>(string field, ValueList<T> items, Func<T, string> name)
    {
        foreach (var twice in items.GroupBy(name).Where(group => group.Count() > 1)) ModelState.AddModelError(field, $"“{twice.Key}” stands there {twice.Count()} times; each name once.");
        return items;
    }

    private Millimetres? Size(string field, string? text, double least)
    {
        if (string.IsNullOrWhiteSpace(text)) return null;
        if (ReadingText.TryRead(text) is { Kind: ReadingKind.Bare or ReadingKind.Length } read && read.Value >= least && read.Value <= 10_000) return new Millimetres(read.Value);
        ModelState.AddModelError(field, $"“{text}” is not a length. Type millimetres from {least:0.#} to 10000, or inches such as 1/16 in, or nothing.");
        return null;
    }
}
