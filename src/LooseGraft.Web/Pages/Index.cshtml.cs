using System.Collections.Immutable;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Data;
using LooseGraft.Data.Records;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The shelf: every graft, and how new ones come about.</summary>
public sealed class IndexModel(GraftStore store, RecordBook records, ShelfTags tags) : FormPageModel
{
    private const string DefaultName = "A new graft";

    public ShownShelf Shelf { get; private set; } = null!;

    public ImmutableArray<FileError> FileErrors { get; private set; } = [];

    public string FileName { get; private set; } = "";

    private CancellationToken Cancellation => HttpContext.RequestAborted;

    public Task OnGetAsync() => LoadAsync();

    public async Task<IActionResult> OnPostNewAsync(string? name, int? copyOf, string? donor, string? shell, string? aim, string? budget)
    {
        var original = copyOf is { } id ? await store.FindAsync(id, Cancellation) : null;
        var called = name.Trimmed() ?? DefaultName;
        var graft = original?.Graft ?? Graft.Empty(called);
        var most = ModelState.OptionalMoney("budget", budget, "what it may cost", graft.Currency);
        var described = new DescribeGraft(
            called, donor.Trimmed() ?? graft.Donor.Name, shell.Trimmed() ?? graft.Shell.Name, most ?? graft.Budget, graft.Currency,
            aim.Trimmed() ?? graft.Aim);
        return await AddAsync(described.Apply(graft), original is null ? "/stock/lines" : "");
    }

    public async Task<IActionResult> OnPostCopyAsync(int id)
        => await store.FindAsync(id, Cancellation) is { } original
            ? await AddAsync(original.Graft with { Name = Shortened($"{original.Graft.Name}, a copy"), Records = [.. await records.OfAsync(id, Cancellation)] })
            : NotFound();

    public async Task<IActionResult> OnPostImportAsync(IFormFile? file)
    {
        FileName = file?.FileName ?? "Nothing";
        var result = file is null
            ? new GraftFileResult(null, [new FileError("$", "no file", "a graft file")], [])
            : GraftFile.Read(await ReadAsync(file));
        if (result.Graft is not { } graft)
        {
            FileErrors = result.Errors;
            await LoadAsync();
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        var id = await store.AddAsync(graft, Cancellation);
        if (result.Notes.IsEmpty) return RedirectTo(id);
        Said = "Imported. Some of its file is not understood here, and is kept as it stands.";
        return Redirect($"/graft/{id}/kept");
    }

    public async Task<IActionResult> OnPostThrowAwayAsync(int id)
        => await DoneAsync(await store.ThrowAwayAsync(id, Cancellation), "Thrown on the compost, below. It can be put back.");

    public async Task<IActionResult> OnPostPutBackAsync(int id) => await DoneAsync(await store.PutBackAsync(id, Cancellation), "Put back on the shelf.");

    public async Task<IActionResult> OnPostDestroyAsync(int id) => await DoneAsync(await store.DestroyAsync(id, Cancellation), "Destroyed.");

    private static async Task<byte[]> ReadAsync(IFormFile file)
    {
        using var bytes = new MemoryStream();
        await file.CopyToAsync(bytes);
        return bytes.ToArray();
    }

    private static string Shortened(string name) => name.Length <= GraftFileLimits.NameLength ? name : name[..GraftFileLimits.NameLength];

    private async Task<IActionResult> AddAsync(Graft graft, string page = "")
    {
        // The rules of the file are the rules of every name that is typed.
        if (ModelState.IsValid && GraftFile.Read(GraftFile.Write(graft)).Errors is [var error, ..])
            ModelState.AddModelError("name", $"{error.Found} will not do for a name. It takes {error.Allowed}.");
        if (ModelState.IsValid) return RedirectTo(await store.AddAsync(graft, Cancellation), page);
        await LoadAsync();
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    private RedirectResult RedirectTo(int id, string page = "") => Redirect($"/graft/{id}{page}");

    private async Task<IActionResult> DoneAsync(bool isDone, string said)
    {
        if (!isDone) return NotFound();
        Said = said;
        if (!Request.IsHtmx()) return RedirectToPage();
        await LoadAsync();
        return Page();
    }

    private async Task LoadAsync() => Shelf = await tags.OfAsync(store, Cancellation);
}
