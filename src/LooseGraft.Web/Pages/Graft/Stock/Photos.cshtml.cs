using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Data;
using LooseGraft.Data.Photos;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The photographs of a part, with pins marked on them.</summary>
[RequestSizeLimit(LargestUpload)]
[RequestFormLimits(MultipartBodyLengthLimit = LargestUpload)]
public sealed class PhotosModel(GraftStore store, ReviewDesk reviews, PhotoFolder folder) : GraftPageModel(store, reviews)
{
    private const int LargestUpload = PhotoIntake.LargestBytes + (64 * 1024);

    [BindProperty(SupportsGet = true)]
    public string Part { get; set; } = "";

    /// <summary>The port a new photograph is of; the part as a whole when none is asked for.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Port { get; set; }

    public Part? Owner { get; private set; }

    /// <summary>The photographs, each with its place in the graft's list and whether its picture is on this bench.</summary>
    public IEnumerable<(int Index, Photo Photo, bool IsHere)> Shown
        => Graft.Photos.Index().Where(pair => pair.Item.Part == Part).Select(pair => (pair.Index, pair.Item, folder.Find(pair.Item.Hash) is not null));

    public async Task<IActionResult> OnPostAddAsync(IFormFile? file, string? port, string? reading, string? caption)
    {
        if (!await LoadAsync() || Owner is null) return NotFound();
        if (file is null) ModelState.AddModelError("file", "Choose a picture first.");
        else
        {
            await using var upload = file.OpenReadStream();
            var taken = await PhotoIntake.TakeAsync(upload, file.Length, HttpContext.RequestAborted);
            if (taken.Problem is { } problem) ModelState.AddModelError("file", $"{file.FileName} is not kept: {problem}.");
            else if (taken.Photo is { } kept)
            {
                await folder.KeepAsync(kept, HttpContext.RequestAborted);
                return await SaveAsync(
                    new AddPhoto(new Photo(kept.Hash, Part, kept.WidthPx, kept.HeightPx)
                    {
                        Port = port.Trimmed(),
                        Reading = reading.Trimmed(),
                        Caption = caption.Trimmed(),
                    }));
            }
        }

        return await InvalidAsync();
    }

    public Task<IActionResult> OnPostMarkAsync(int index, string? position, string? x, string? y)
    {
        var (pin, across, down) = (ModelState.OptionalCount("position", position, "position"), Share(x), Share(y));
        if (pin is null && ModelState.IsValid) ModelState.AddModelError("position", "Say which position it is.");
        if (across is null || down is null)
            ModelState.AddModelError("position", "Click on the picture, or type how far across and down in per cent, from 0 to 100.");
        return SaveAsync(new MarkPhoto(index, new PhotoMark(pin ?? 1, across ?? 0, down ?? 0)));
    }

    public Task<IActionResult> OnPostUnmarkAsync(int index, int position) => SaveAsync(new UnmarkPhoto(index, position));

    public Task<IActionResult> OnPostRemoveAsync(int index) => SaveAsync(new RemovePhoto(index));

    /// <summary>The position to mark next: the lowest that is not marked.</summary>
    public int NextPosition(Photo photo)
    {
        var count = photo.Port is { } port ? Graft.FindPort(new PortId(Part, port))?.PositionCount ?? 1 : 1;
        var marked = photo.Marks.Select(mark => mark.Position).ToHashSet();
        return Enumerable.Range(1, count).FirstOrDefault(position => !marked.Contains(position), 1);
    }

    protected override bool IsThere => Owner is not null;

    protected override void OnShown() => Owner = Graft.FindPart(Part);

    // Per cent of width or height, with a decimal; kept as a share to four digits, finer than any click.
    private static double? Share(string? text)
        => FigureText.TryRead(text, "%") is { } percent and >= 0 and <= 100 ? Math.Round(percent / 100, 4) : null;
}
