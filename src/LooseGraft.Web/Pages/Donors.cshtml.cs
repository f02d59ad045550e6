using System.Collections.Immutable;
using LooseGraft.Core.Files;
using LooseGraft.Data.Donors;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The known donors: boards that were described once, with their revisions side by side.</summary>
public sealed class DonorsModel(DonorStore store) : FormPageModel
{
    /// <summary>A donor to compare.</summary>
    [BindProperty(SupportsGet = true)]
    public int? One { get; set; }

    /// <summary>The donor to compare it with.</summary>
    [BindProperty(SupportsGet = true)]
    public int? Other { get; set; }

    public IReadOnlyList<KeptDonor> All { get; private set; } = [];

    public (KeptDonor One, KeptDonor Other)? Compared { get; private set; }

    public ImmutableArray<FileError> FileErrors { get; private set; } = [];

    public string FileName { get; private set; } = "";

    private CancellationToken Cancellation => HttpContext.RequestAborted;

    public Task OnGetAsync() => LoadAsync();

    public async Task<IActionResult> OnPostImportAsync(IFormFile? file)
    {
        FileName = file?.FileName ?? "Nothing";
        using var bytes = new MemoryStream();
        if (file is not null) await file.CopyToAsync(bytes, Cancellation);
        var result = file is null ? new DonorFileResult(null, [new FileError("$", "no file", "a known donor's file")], []) : DonorFile.Read(bytes.ToArray());
        FileErrors = result.Errors;
        if (result.Donor is { } donor)
        {
            var (_, replaced, _) = await store.KeepAsync(donor, Cancellation);
            Said = $"{donor.Model}, revision {donor.Revision}, is on the shelf{(replaced ? "; the one kept before is put aside" : "")}.";
            return RedirectToPage();
        }

        await LoadAsync();
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    public async Task<IActionResult> OnPostPutAsideAsync(int id) => await MoveAsync(id, isRemoved: true, "Put aside, below. It can be put back.");

    public async Task<IActionResult> OnPostPutBackAsync(int id) => await MoveAsync(id, isRemoved: false, "Put back.");

    private async Task<IActionResult> MoveAsync(int id, bool isRemoved, string said)
    {
        if (!await store.SetRemovedAsync(id, isRemoved, Cancellation)) return NotFound();
        Said = said;
        return RedirectToPage();
    }

    private async Task LoadAsync()
    {
        All = await store.AllAsync(alsoRemoved: true, Cancellation);
        if (All.FirstOrDefault(kept => kept.Id == One) is { } one && All.FirstOrDefault(kept => kept.Id == Other) is { } other && one != other)
            Compared = (one, other);
    }
}
