using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>How a seating begins: with a usual case, a plane of one's own, and the holes of a standard board.</summary>
public sealed partial class SeatModel
{
    public async Task<IActionResult> OnPostAddPlaneAsync(string? name, string? width, string? depth, PlaneMaterial material)
    {
        var called = name.Trimmed() ?? "tray";
        if (called.Length > 120) ModelState.AddModelError("name", "The name is longer than 120 characters.");
        var edit = new AddPlane(called, ModelState.Size("width", width), ModelState.Size("depth", depth), material);
        if (!await LoadAsync()) return NotFound();
        PlaneId = edit.IdIn(Graft);
        return await SaveAsync(edit);
    }

    public async Task<IActionResult> OnPostAddShellAsync(string? shell)
    {
        if (!await LoadAsync() || UsualShell.Find(shell) is not { } usual) return NotFound();
        var edit = new AddUsualShell(usual);
        PlaneId = edit.IdIn(Graft);
        return await SaveAsync(edit);
    }

    public async Task<IActionResult> OnPostTakePatternAsync(string? part, string? pattern)
    {
        if (!await LoadAsync() || Graft.FindPart(part ?? "") is not { } board) return NotFound();
        if (PartTemplate.Find(pattern ?? "") is not { HolesMm.Count: > 0 } standard) return NotFound();
        BoardId = board.Id;
        return await SaveAsync(new TakePattern(board.Id, standard));
    }
}
