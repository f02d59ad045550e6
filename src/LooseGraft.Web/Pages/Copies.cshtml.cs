using LooseGraft.Data;
using LooseGraft.Data.Copies;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The copies of the bench: made by themselves and by hand, put back, taken away and brought in.</summary>
[RequestSizeLimit(LargestUpload)]
[RequestFormLimits(MultipartBodyLengthLimit = LargestUpload)]
public sealed class CopiesModel(BenchCopies copies, BenchRestore restore, BenchArchive archive) : FormPageModel
{
    private const long LargestUpload = BenchArchive.LargestBytes + (64 * 1024);

    public IReadOnlyList<BenchCopy> All { get; private set; } = [];

    private CancellationToken Cancellation => HttpContext.RequestAborted;

    public void OnGet() => All = copies.All();

    public Task<IActionResult> OnPostMakeAsync()
        => DoAsync(async () => $"Copied and checked: {(await copies.MakeAsync("by hand", Cancellation)).Name}.");

    public Task<IActionResult> OnPostRestoreAsync(string? name)
        => DoAsync(async () =>
        {
            await restore.RestoreAsync(name, isServed: true, Cancellation);
            return "The bench stands as it was copied. How it stood before is the newest copy.";
        });

    public Task<IActionResult> OnPostBringAsync(IFormFile? file)
        => DoAsync(async () =>
        {
            if (file is null) throw new BenchStartException("Choose an archive first.");
            await using var upload = file.OpenReadStream();
            await archive.ReadAsync(upload, Cancellation);
            return $"The bench stands as in {file.FileName}. How it stood before is the newest copy.";
        });

    private async Task<IActionResult> DoAsync(Func<Task<string>> act)
    {
        try
        {
            Said = await act();
            return RedirectToPage();
        }
        catch (BenchStartException refused)
        {
            ModelState.AddModelError("", refused.Message);
            All = copies.All();
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }
    }
}
