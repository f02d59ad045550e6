using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>How a shell, and a board, is described on its plan: things are put down, chosen, moved, turned, copied and taken away.</summary>
public sealed partial class SeatModel
{
    private const int MostCopies = 50;

    private IReadOnlyList<ShellView>? _shell;

    /// <summary>What the hand does on the plan: <c>shell</c> describes the shell, <c>board</c> the board by itself, anything else moves the board.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Hand { get; set; }

    /// <summary>What is put down by the next press; null for choosing and moving.</summary>
    [BindProperty(SupportsGet = true)]
    public ShellSort? Sort { get; set; }

    /// <summary>The things that are chosen, parted by blanks.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Things { get; set; }

    public bool DescribesShell => Hand == "shell" && Plane is not null;

    public bool DescribesBoard => Hand == "board" && ShownPart is not null;

    /// <summary>What can be put down.</summary>
    public IEnumerable<ShellSort> Sorts => Enum.GetValues<ShellSort>().Where(sort => sort >= ShellSort.Hole == DescribesBoard);

    /// <summary>Everything that is described on the plane, or on the board.</summary>
    public IReadOnlyList<ShellView> Shell
        => _shell ??= [.. DescribesBoard ? ShellView.On(ShownPart!) : Plane is null ? [] : ShellView.On(Graft.Seating, Plane, PlaceOf)];

    /// <summary>Where all of it is drawn.</summary>
    public PlanFrame Frame => DescribesBoard ? new BoardPicture(ShownPart!) : Picture;

    /// <summary>Ports of the board that have no place yet.</summary>
    public IEnumerable<Port> Unplaced => ShownPart!.Ports.Where(port => port.Place is null);

    /// <summary>What is chosen of it.</summary>
    public IReadOnlyList<ShellView> Chosen => [.. Shell.Where(view => (Things ?? "").Split(' ').Contains(view.Thing.ToString()))];

    /// <summary>The figures of the one thing that is chosen; null where none is, or several are.</summary>
    public ShellFigures? Figures => Chosen is not [var only] ? null
        : DescribesBoard ? ShellFigures.Of(ShownPart!, only.Thing) : ShellFigures.Of(Graft.Seating, Plane!, only.Thing);

    /// <summary>The photograph that lies under what is described; null where there is none.</summary>
    public PlanPhoto? Under => Graft.Seating.Photos.FirstOrDefault(photo => photo.Of == Ground);

    private string Ground => DescribesBoard ? ShownPart!.Id : Plane!.Id;

    /// <summary>What stands in a field of the chosen thing: what was typed while it will not do, otherwise what is known.</summary>
    public string CellOf(int index, ShellCell cell)
        => Kept("Figures", "cell") is null ? cell.Value : Request.Form["cell"].ElementAtOrDefault(index) ?? cell.Value;

    public async Task<IActionResult> OnPostPutDownAsync(string? x, string? y, string? toX, string? toY, string? port)
    {
        if (!await LoadAsync() || !(DescribesShell || DescribesBoard)) return NotFound();
        var at = new PlanPoint(ModelState.Place("x", x), ModelState.Place("y", y));
        var to = new PlanPoint(toX.Trimmed() is null ? at.X : ModelState.Place("x", toX), toY.Trimmed() is null ? at.Y : ModelState.Place("y", toY));
        if (Sort is not { } sort)
        {
            ModelState.AddModelError("x", "Choose first what is put down.");
            return await InvalidAsync();
        }

        var edit = new PutThing(Ground, sort, at, to, port);
        if (edit.Thing(Snapshot.Graft) is not { } thing) ModelState.AddModelError("x", "It has nothing to stand on here: choose one of what is offered above.");
        else if (ModelState.IsValid) Things = thing.ToString();
        return await SaveAsync(edit);
    }

    public Task<IActionResult> OnPostShiftAsync(string? across, string? deep) => ChangeAsync(things => new MoveThings(Ground, things, By(across, deep)));

    public Task<IActionResult> OnPostTurnAsync()
        => ChangeAsync(things => new TurnThings(Ground, things, PlanRectangle.Round([.. Chosen.SelectMany(view => view.Area.Corners)]).Middle));

    public Task<IActionResult> OnPostTakeAwayAsync() => ChangeAsync(things =>
        {
            // Another may come to stand under the name of what is gone.
            Things = null;
            return new RemoveThings(Ground, things);
        });

    public Task<IActionResult> OnPostCopyRowAsync(string? count, string? across, string? deep)
        => ChangeAsync(things =>
        {
            var copies = ModelState.OptionalCount("count", count, "copies") ?? 1;
            if (copies is < 1 or > MostCopies) ModelState.AddModelError("count", $"From 1 to {MostCopies} copies are put down at once.");
            var by = By(across, deep);
            if (ModelState.IsValid && by == default) ModelState.AddModelError("across", "A copy has to lie elsewhere: type how far across or deep.");
            return new CopyThings(Ground, things, Math.Clamp(copies, 0, MostCopies), by);
        });

    public async Task<IActionResult> OnPostFiguresAsync(string?[]? cell)
    {
        if (!await LoadAsync() || Figures is null) return NotFound();
        var (chosen, typed) = (Chosen[0].Thing, cell ?? []);
        if ((DescribesBoard ? ShellFigures.Read(ModelState, ShownPart!, chosen, typed) : ShellFigures.Read(ModelState, Graft.Seating, Plane!, chosen, typed))
            is not var (edit, thing)) return await InvalidAsync();
        Things = thing.ToString();
        return await SaveAsync(edit);
    }

    /// <summary>Gives the board that is looked at the shape of a rectangle.</summary>
    public async Task<IActionResult> OnPostBoardSizeAsync(string? width, string? depth, Evidence evidence)
    {
        if (!await LoadAsync() || ShownPart is not { Body: null } board) return NotFound();
        var (wide, deep) = (ModelState.Size("width", width), ModelState.Size("depth", depth));
        var body = new PartBody([.. new PlanRectangle(0, 0, wide.Value, deep.Value).Corners], evidence);
        return await SaveAsync(new DescribeBoard(
            board.Id, body, board.Holes, [.. board.Ports.Where(port => port.Place is not null).Select(port => (port.Id, port.Place!))]));
    }

    private async Task<IActionResult> ChangeAsync(Func<ValueList<ShellThing>, GraftEdit> edit)
    {
        if (!await LoadAsync() || Chosen.Count == 0) return NotFound();
        return await SaveAsync(edit([.. Chosen.Select(view => view.Thing)]));
    }

    private PlanPoint By(string? across, string? deep)
        => new(across.Trimmed() is null ? 0 : ModelState.Place("across", across), deep.Trimmed() is null ? 0 : ModelState.Place("deep", deep));

    private PlanPoint? PlaceOf(PortId id)
        => Review.Seat.Boards.FirstOrDefault(board => board.Board.Id == id.Part && board.Plane.Id == Plane!.Id) is { } sits
            && sits.Board.Ports.FirstOrDefault(port => port.Id == id.Port)?.Place is { } place ? sits.Seat.Place(place.At) : null;
}
