using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Tables;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.WebUtilities;

namespace LooseGraft.Web.Pages;

/// <summary>The bin: what the builder owns, across all grafts.</summary>
[RequestFormLimits(ValueLengthLimit = LargestTable, MultipartBodyLengthLimit = LargestTable)]
public sealed class BinModel(BinStore store) : FormPageModel
{
    private const int LargestTable = 4 * 1024 * 1024;

    [BindProperty(SupportsGet = true)]
    public string? Words { get; set; }

    /// <summary>The entry that is being changed; null when none is.</summary>
    [BindProperty(SupportsGet = true)]
    public int? Edit { get; set; }

    public BinPage Found { get; private set; } = new([], 0, 0);

    /// <summary>The revision that the builder's page showed when the form was sent.</summary>
    [BindProperty]
    public int Revision { get; set; }

    public BinSteps Steps { get; private set; } = new(0, null, null, null);

    /// <summary>The table that is being brought in; null when none is.</summary>
    public BinImport? Import { get; private set; }

    private CancellationToken Cancellation => HttpContext.RequestAborted;

    public Task OnGetAsync() => LoadAsync();

    public async Task<IActionResult> OnPostAddAsync(
        string? name, PartKind kind, string? quantity, string? paid, string? currency, WareCondition condition, string? place, string? note, string? ware)
        => Read(name, kind, quantity, paid, currency, condition, place, note, ware) is { } item
            ? await DoneAsync(await store.AddAsync([item], $"{item.Name} put in the bin", Cancellation))
            : await InvalidAsync();

    public async Task<IActionResult> OnPostChangeAsync(
        int id, string? name, PartKind kind, string? quantity, string? paid, string? currency, WareCondition condition, string? place, string? note,
        string? ware)
    {
        Edit = id;
        return Read(name, kind, quantity, paid, currency, condition, place, note, ware) is { } item
            ? await DoneAsync(await store.ChangeAsync(id, Revision, item, Cancellation))
            : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostRemoveAsync(int id) => await DoneAsync(await store.RemoveAsync(id, Revision, Cancellation));

    public async Task<IActionResult> OnPostUndoAsync() => await DoneAsync(await store.UndoAsync(Revision, Cancellation));

    public async Task<IActionResult> OnPostRedoAsync() => await DoneAsync(await store.RedoAsync(Revision, Cancellation));

    public async Task<IActionResult> OnPostPreviewAsync(IFormFile? file)
    {
        if (file is null) ModelState.AddModelError("file", "Choose a CSV file first.");
        else
        {
            using var bytes = new MemoryStream();
            await file.CopyToAsync(bytes, Cancellation);
            var table = CsvTable.Read(bytes.ToArray());
            if (table.Problem is { } problem) ModelState.AddModelError("file", $"{file.FileName} was not read. {problem}");
            else Import = BinImport.Of(file.FileName, table);
        }

        await LoadAsync();
        if (!ModelState.IsValid) Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    public async Task<IActionResult> OnPostImportAsync(string? table, string? fileName, BinColumn[] columns, bool heading, string? currency)
    {
        var read = CsvTable.Read(table ?? "");
        Import = BinImport.Of(fileName ?? "the table", read) with { Columns = columns, HasHeading = heading };
        var (items, errors) = BinTable.Read(read.Rows.Skip(heading ? 1 : 0), columns, (currency ?? "EUR").Trim().ToUpperInvariant());
        if (read.Problem is { } problem) errors = [problem];
        if (errors.Count == 0)
        {
            var outcome = await store.AddAsync(items, $"{items.Count} entries from {Import.FileName}", Cancellation);
            if (outcome.Problem is null) return await DoneAsync(outcome);
            errors = [outcome.Problem];
        }

        Import = Import with { Errors = errors };
        await LoadAsync();
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    /// <summary>This page's address with the search kept.</summary>
    public string Address(string? handler = null, int? edit = null)
        => QueryHelpers.AddQueryString(
            "/bin", new Dictionary<string, string?> { ["handler"] = handler, ["words"] = Words, ["edit"] = edit?.ToString(CultureInfo.InvariantCulture) }
            .Where(pair => !string.IsNullOrEmpty(pair.Value)));

    private BinItem? Read(
        string? name, PartKind kind, string? quantity, string? paid, string? currency, WareCondition condition, string? place, string? note, string? ware)
    {
        var pieces = string.IsNullOrWhiteSpace(quantity) ? 1 : ModelState.NotNegative("quantity", quantity, "the number of pieces", "pieces");
        if (pieces is { } many && many != Math.Floor(many))
            ModelState.AddModelError("quantity", $"“{quantity}” is not a number of pieces. Type a whole number such as 3.");
        var cost = ModelState.OptionalMoney("paid", paid, "what one cost", currency ?? "money");
        if (!ModelState.IsValid) return null;
        var item = new BinItem(
            (name ?? "").Trim(), kind, (int)(pieces ?? 1), cost?.Amount, (currency ?? "EUR").Trim().ToUpperInvariant(), condition, (place ?? "").Trim(),
            (note ?? "").Trim(), WareText.Read(ware ?? "")?.ToString() ?? (ware ?? "").Trim());
        foreach (var problem in BinTable.Problems(item)) ModelState.AddModelError("name", problem.Capitalised() + ".");
        return ModelState.IsValid ? item : null;
    }

    private async Task<IActionResult> DoneAsync(BinOutcome outcome)
    {
        if (outcome.Problem is { } problem)
        {
            ModelState.AddModelError("", problem);
            return await InvalidAsync(outcome.IsStale ? StatusCodes.Status409Conflict : StatusCodes.Status422UnprocessableEntity);
        }

        Said = $"{outcome.What}.";
        return RedirectToPage(new { Words });
    }

    private async Task<PageResult> InvalidAsync(int status = StatusCodes.Status422UnprocessableEntity)
    {
        await LoadAsync();
        Response.StatusCode = status;
        return Page();
    }

    private async Task LoadAsync()
    {
        (Found, Steps) = (await store.SearchAsync(Words, Cancellation), await store.StepsAsync(Cancellation));
        PostFormTagHelper.Show(HttpContext, Steps.Revision);
    }
}
