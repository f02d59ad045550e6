using LooseGraft.Data.Photos;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Hosting;

/// <summary>Takes the photograph of a form in.</summary>
public static class PhotoUpload
{
    /// <summary>Bytes of the largest form with a photograph.</summary>
    public const int LargestForm = PhotoIntake.LargestBytes + (64 * 1024);

    /// <summary>Keeps it; null where it will not do, which is then said at the field <c>file</c>.</summary>
    public static async Task<KeptPhoto?> KeepAsync(this PhotoFolder folder, IFormFile? file, ModelStateDictionary state, CancellationToken cancellation)
    {
        if (file is null)
        {
            state.AddModelError("file", "Choose a picture first.");
            return null;
        }

        await using var upload = file.OpenReadStream();
        var taken = await PhotoIntake.TakeAsync(upload, file.Length, cancellation);
        if (taken.Problem is { } problem) state.AddModelError("file", $"{file.FileName} is not kept: {problem}.");
        if (taken.Photo is { } kept) await folder.KeepAsync(kept, cancellation);
        return taken.Photo;
    }
}
