using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Data;
using LooseGraft.Data.Donors;
using LooseGraft.Data.Records;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The shelf: every graft, and how new ones come about.</summary>
public sealed class IndexModel(GraftStore store, RecordBook records, DonorStore donors, ShelfTags tags) : FormPageModel
{
    /// <summary>Begin with a photograph of the board.</summary>
    public const string Photograph = "photograph";

    /// <summary>Begin with the known donor whose model follows.</summary>
    public const string Donor = "donor:";

    private const string DefaultName = "A new graft";

    public ShownShelf Shelf { get; private set; } = null!;

    /// <summary>The models of the known donors.</summary>
    public IReadOnlyList<string> Models { get; private set; } = [];

    public ImmutableArray<FileError> FileErrors { get; private set; } = [];

    public string FileName { get; private set; } = "";

    private CancellationToken Cancellation => HttpContext.RequestAborted;

    public Task OnGetAsync() => LoadAsync();

    public async Task<IActionResult> OnPostNewAsync(string? name, string? copyOf, string? donor, string? shell, string? aim, string? budget)
    {
        var original = int.TryParse(copyOf, CultureInfo.InvariantCulture, out var id) ? await store.FindAsync(id, Cancellation) : null;
        var model = copyOf?.StartsWith(Donor, StringComparison.Ordinal) == true ? copyOf[Donor.Length..] : null;
        var called = name.Trimmed() ?? DefaultName;
        var graft = original?.Graft ?? Graft.Empty(called);
        var most = ModelState.OptionalMoney("budget", budget, "what it may cost", graft.Currency);
        var described = new DescribeGraft(
            called, donor.Trimmed() ?? model ?? graft.Donor.Name, shell.Trimmed() ?? graft.Shell.Name, most ?? graft.Budget, graft.Currency,
            aim.Trimmed() ?? graft.Aim).Apply(graft);
        if (original is not null) return await AddAsync(described);
        if (model is not null) return await AddAsync(described, $"/stock?donor={Uri.EscapeDataString(model)}#donor-title");
        if (copyOf != Photograph) return await AddAsync(described, "/stock/lines");
        var board = new AddPart("The board", PartKind.Board, PartOrigin.Donor, null).Apply(described);
        return await AddAsync(board, $"/photos/{board.Parts[0].Id}");
    }

    public async Task<IActionResult> OnPostFirstAsync()
    {
        var file = Path.Combine(AppContext.BaseDirectory, "demo", "first", "first-fan.json");
        return await AddAsync(GraftFile.Read(await System.IO.File.ReadAllBytesAsync(file, Cancellation)).Graft!, "/wire");
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

    private async Task LoadAsync()
    {
        Shelf = await tags.OfAsync(store, Cancellation);
        Models = await donors.ModelsAsync(Cancellation);
    }
}
