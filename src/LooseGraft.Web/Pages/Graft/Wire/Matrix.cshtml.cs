using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Matrix;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The key map of a keyboard of rows and columns, and what a microcontroller needs to read it.</summary>
public sealed class MatrixModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>Names that are offered while one types.</summary>
    public static readonly string KnownKeys = string.Join(
        '|', "Enter", "Esc", "Tab", "Space", "Shift", "Ctrl", "Alt", "Backspace", "Delete", "Home", "End", "PageUp", "PageDown", "Up", "Down", "Left", "Right",
        "CapsLock", "F1", "F2");

    private const int MostProblems = 5;

    /// <summary>The part that has the keys; the first that has any when none is asked for.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Part { get; set; }

    /// <summary>How many lines the microcontroller has free.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Free { get; set; }

    public Part? Owner { get; private set; }

    public KeyMatrix? Shown => Owner?.Matrix;

    public MatrixScan? Scan => Shown is { } matrix ? MatrixScan.Of(matrix) : null;

    /// <summary>The number of free lines as typed; null when nothing that counts was.</summary>
    public int? FreeLines
        => int.TryParse(Free, System.Globalization.NumberStyles.None, System.Globalization.CultureInfo.InvariantCulture, out var lines) ? lines : null;

    /// <summary>The name of the field of a crossing; they are numbered on so that Enter goes along the rows.</summary>
    public string Field(int row, int column)
        => string.Create(System.Globalization.CultureInfo.InvariantCulture, $"signal-{((row - 1) * Shown!.Columns) + column}");

    public async Task<IActionResult> OnPostShapeAsync(string part, string? rows, string? columns, bool diodes)
    {
        var (down, across) = (ModelState.OptionalCount("rows", rows, "rows") ?? 0, ModelState.OptionalCount("columns", columns, "columns") ?? 0);
        if (down is < 1 or > GraftFileLimits.MatrixLines || across is < 1 or > GraftFileLimits.MatrixLines)
            ModelState.AddModelError("rows", $"Rows and columns are numbers from 1 to {GraftFileLimits.MatrixLines}.");
        if (!await LoadAsync()) return NotFound();
        Part = part;
        var edit = new ShapeMatrix(part, down, across, diodes);
        if (ModelState.IsValid && edit.Lost(Graft) is > 0 and var lost)
            ModelState.AddModelError("rows", $"{lost} keys would be lost: {down} × {across} has no place for them. Empty them first.");
        return await SaveAsync(edit);
    }

    public async Task<IActionResult> OnPostBeepsAsync(string? of, string? beeps)
    {
        if (!await LoadAsync() || Graft.FindPart((of ?? "").Split('/')[0]) is not { } part) return NotFound();
        Part = part.Id;
        OnShown();
        var ribbon = PortId.Parse(of ?? "") is { } id ? Graft.FindPort(id) : null;
        var text = beeps ?? "";
        if (text.Length > BeepList.LongestText) ModelState.AddModelError("beeps", $"At most {BeepList.LongestText} characters.");
        var list = BeepList.Read(text.Length > BeepList.LongestText ? "" : text);
        foreach (var problem in list.Problems.Take(MostProblems)) ModelState.AddModelError("beeps", problem);
        if (ModelState.IsValid && FoundMatrix.Of(list.Beeps) is { Problem: { } none }) ModelState.AddModelError("beeps", none);
        if (ribbon is not null && list.Beeps.FirstOrDefault(beep => Math.Max(beep.One, beep.Other) > ribbon.PositionCount) is { } beyond)
            ModelState.AddModelError("beeps", $"{beyond.Key}: {ribbon.Name} has {ribbon.PositionCount} positions.");
        return await SaveAsync(new FillMatrix(part.Id, ribbon?.Id, text));
    }

    public async Task<IActionResult> OnPostKeysAsync()
    {
        if (!await LoadAsync() || Shown is not { } matrix || Owner is not { } owner) return NotFound();
        var changed = from row in Enumerable.Range(1, matrix.Rows)
                      from column in Enumerable.Range(1, matrix.Columns)
                      where Request.Form.ContainsKey(Field(row, column))
                      let name = Request.Form[Field(row, column)].ToString().Trim()
                      where name != (matrix.At(row, column)?.Name ?? "")
                      select (row, column, name);
        return await SaveAsync(new NameKeys(owner.Id, changed.ToValueList()));
    }

    protected override void OnShown() => Owner = Graft.FindPart(Part ?? "") ?? Graft.Parts.FirstOrDefault(part => part.Matrix is not null);
}
