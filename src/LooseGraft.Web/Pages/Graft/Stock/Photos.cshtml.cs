using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Data;
using LooseGraft.Data.Photos;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The photographs of a part, with pins marked on them.</summary>
[RequestSizeLimit(PhotoUpload.LargestForm)]
[RequestFormLimits(MultipartBodyLengthLimit = PhotoUpload.LargestForm)]
public sealed class PhotosModel(GraftStore store, ReviewDesk reviews, PhotoFolder folder) : GraftPageModel(store, reviews)
{
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
        return await folder.KeepAsync(file, ModelState, HttpContext.RequestAborted) is { } kept
            ? await SaveAsync(new AddPhoto(new Photo(kept.Hash, Part, kept.WidthPx, kept.HeightPx)
            {
                Port = port.Trimmed(),
                Reading = reading.Trimmed(),
                Caption = caption.Trimmed(),
            }))
            : await InvalidAsync();
    }

    public Task<IActionResult> OnPostMarkAsync(int index, string? position, string? x, string? y)
    {
        var pin = ModelState.OptionalCount("position", position, "position");
        if (pin is null && ModelState.IsValid) ModelState.AddModelError("position", "Say which position it is.");
        var (across, down) = ModelState.OnPicture("position", x, y);
        return SaveAsync(new MarkPhoto(index, new PhotoMark(pin ?? 1, across, down)));
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
}
