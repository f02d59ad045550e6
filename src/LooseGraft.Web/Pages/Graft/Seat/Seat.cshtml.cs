using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Drawing;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Core.Seat.Placing;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The Seat stage: boards on planes, what they meet, what would short them, and what wants the same room.</summary>
public sealed partial class SeatModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>The plane that is looked at; the first when none is asked for.</summary>
    [BindProperty(SupportsGet = true, Name = "plane")]
    public string? PlaneId { get; set; }

    /// <summary>The board that is looked at; the first on the plane when none is asked for.</summary>
    [BindProperty(SupportsGet = true, Name = "board")]
    public string? BoardId { get; set; }

    /// <summary>Another turn to look for, in degrees.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Angle { get; set; }

    /// <summary>Where the section is cut, in millimetres; through the middle when nothing is asked for.</summary>
    [BindProperty(SupportsGet = true)]
    public double? Cut { get; set; }

    /// <summary>Whether the section runs from left to right; otherwise from rear to front.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Along { get; set; }

    /// <summary>The ends of the tape.</summary>
    [BindProperty(SupportsGet = true)]
    public string? TapeFrom { get; set; }

    [BindProperty(SupportsGet = true)]
    public string? TapeTo { get; set; }

    public MountPlane? Plane { get; private set; }

    public SeatedBoard? Board { get; private set; }

    /// <summary>The board that is looked at, seated or not; null when the graft has none.</summary>
    public Part? ShownPart { get; private set; }

    public PlanPicture Picture => field ??= new PlanPicture(Plane!, Review.Seat);

    public bool IsCutAcross => Along != "depth";

    public double CutAt { get; private set; }

    public SectionPicture Section => field ??= new SectionPicture(SectionView.Of(Review.Seat, Plane!, IsCutAcross, CutAt));

    /// <summary>Boards of the graft, whether they sit or not.</summary>
    public IEnumerable<Part> BoardParts => Graft.Parts.Where(part => part.CanBeSeated);

    /// <summary>Ways to seat the board, best first.</summary>
    public ImmutableArray<BoardPlacement> Ways
        => field.IsDefault ? field = Plane is null || ShownPart is null ? [] : KnownWays.Of(Review, ShownPart.Id, Plane.Id, TypedAngle) : field;

    /// <summary>How the board sits now, by the same measures.</summary>
    public BoardPlacement? Now => Board is null ? null : Review.PlaceOf(Board);

    /// <summary>Places the tape can be laid to.</summary>
    public IReadOnlyDictionary<string, PlanPoint> TapePlaces => field ??= FindTapePlaces();

    /// <summary>What the tape says; null while it is not laid.</summary>
    public Millimetres? Tape
        => TapePlaces.TryGetValue(TapeFrom ?? "", out var from) && TapePlaces.TryGetValue(TapeTo ?? "", out var to)
        ? new Millimetres(Math.Round(from.To(to), 1))
        : null;

    private double? TypedAngle => FigureText.TryRead(Angle, "°") is { } angle && Math.Abs(angle) <= 360 ? angle : null;

    public async Task<IActionResult> OnPostSeatAsync(string? part, string? plane, string? x, string? y, string? turn)
    {
        if (!await LoadAsync()) return NotFound();
        if (Graft.FindPart(part ?? "") is not { } board || Graft.Seating.FindPlane(plane ?? "") is not { } ground) return NotFound();
        var at = new PlanPoint(ModelState.Place("x", x), ModelState.Place("y", y));
        var degrees = FigureText.TryRead(turn, "°") ?? double.NaN;
        if (!(Math.Abs(degrees) <= 360)) ModelState.AddModelError("turn", $"“{turn}” is not a turn. Type degrees from -360 to 360, counter-clockwise.");
        (BoardId, PlaneId) = (board.Id, ground.Id);
        return await SaveAsync(new SeatBoard(board.Id, ground.Id, at, degrees));
    }

    public Task<IActionResult> OnPostUnseatAsync(string part) => SaveAsync(new UnseatBoard(part));

    public Task<IActionResult> OnPostHoleAsync(string part, int hole, MountMethod? method) => SaveAsync(new HoldHole(part, hole, method));

    public Task<IActionResult> OnPostMountAsync(string plane, string mount, MountState state) => SaveAsync(new SetMountState(plane, mount, state));

    public async Task<IActionResult> OnPostScrewAsync(string part, int? hole, string? screw)
    {
        var read = Screw.Parse(screw ?? "");
        if (read is null && screw.Trimmed() is { } typed) ModelState.AddModelError(hole is null ? "screw" : $"screw{hole}", $"“{typed}” is not {Screw.Pattern}.");
        return await SaveAsync(new SetScrew(part, hole, read));
    }

    public Task<IActionResult> OnPostGroundAsync(string part, BoardGround? ground) => SaveAsync(new SetGround(part, ground));

    public Task<IActionResult> OnPostPlateSheetAsync(string part, string? plateWidth, string? plateHeight, string? cuts)
        => SaveAsync(new SetPlateSheet(part, PlateForm.Read(ModelState, plateWidth, plateHeight, cuts)));

    public Task<IActionResult> OnPostPlateAsync(string part, IoPlate? plate) => SaveAsync(new SetPlate(part, plate));

    protected override void OnShown()
    {
        _shell = null;
        var planes = Graft.Seating.Planes;
        ShownPart = BoardParts.FirstOrDefault(part => part.Id == BoardId)
            ?? BoardParts.FirstOrDefault(part => Graft.Seating.SeatOf(part.Id) is { } seat && (PlaneId is null || seat.Plane == PlaneId))
            ?? BoardParts.FirstOrDefault();
        Plane = Graft.Seating.FindPlane(PlaneId ?? "") ?? Graft.Seating.FindPlane(Graft.Seating.SeatOf(ShownPart?.Id ?? "")?.Plane ?? "")
            ?? planes.FirstOrDefault();
        Board = Review.Seat.Boards.FirstOrDefault(board => board.Board.Id == ShownPart?.Id && board.Plane.Id == Plane?.Id);
        if (Plane is null) return;
        var room = Plane.Bounds;
        var (least, most) = IsCutAcross ? (room.Y, room.Y + room.Depth) : (room.X, room.X + room.Width);
        CutAt = Math.Clamp(Cut is { } cut && double.IsFinite(cut) ? cut : (least + most) / 2, least, most);
    }

    private Dictionary<string, PlanPoint> FindTapePlaces()
    {
        var places = new Dictionary<string, PlanPoint>();
        foreach (var hole in Board?.Holes ?? []) places.TryAdd(hole.Name, hole.At);
        foreach (var mount in Plane?.Mounts ?? []) places.TryAdd(mount.Id, mount.At);
        foreach (var port in Board?.Board.Ports.Where(port => port.Place is not null) ?? []) places.TryAdd(port.Name, Board!.Seat.Place(port.Place!.At));
        foreach (var body in Picture.Bodies) places.TryAdd($"middle of {body.Name}", body.Bounds.Middle);
        return places;
    }
}
