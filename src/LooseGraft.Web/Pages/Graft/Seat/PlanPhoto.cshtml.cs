using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Core.Seat.Tracing;
using LooseGraft.Data;
using LooseGraft.Data.Photos;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>A photograph laid under the plan of a plane or a board, scaled and squared up by two known distances.</summary>
[RequestSizeLimit(PhotoUpload.LargestForm)]
[RequestFormLimits(MultipartBodyLengthLimit = PhotoUpload.LargestForm)]
public sealed class PlanPhotoModel(GraftStore store, ReviewDesk reviews, PhotoFolder folder) : GraftPageModel(store, reviews)
{
    /// <summary>What the marks are, position 1 first.</summary>
    public static readonly IReadOnlyList<string> Ends =
        ["left end of the distance across", "right end of the distance across", "rear end of the distance deep", "front end of the distance deep"];

    /// <summary>The plane or the part that the photograph is laid under.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Of { get; set; }

    public MountPlane? Plane { get; private set; }

    public Part? Board { get; private set; }

    public string? Name => Board?.Name ?? Plane?.Name;

    public PlanPhoto? Photo { get; private set; }

    /// <summary>Whether its picture is on this bench.</summary>
    public bool IsHere => Photo is not null && folder.Find(Photo.Hash) is not null;

    /// <summary>How it lies, and what it lacks where it cannot yet.</summary>
    public (PhotoFit? Fit, string? Lacks) Fit => PhotoFit.Of(Photo!);

    /// <summary>The end that is marked next: the first that is not; null when all are.</summary>
    public int? Next => Enumerable.Range(1, Ends.Count).Cast<int?>().FirstOrDefault(end => Photo!.Marks.All(mark => mark.Position != end));

    /// <summary>What a photograph can be laid under.</summary>
    public IEnumerable<(string Id, string Name)> Things
        => Graft.Seating.Planes.Select(plane => (plane.Id, plane.Name))
            .Concat(Graft.Parts.Where(part => part.CanBeSeated).Select(part => (part.Id, part.Name)));

    /// <summary>Where what is to be seen is put down on the plan.</summary>
    public string Drawing => Board is null ? $"/graft/{Id}/seat?plane={Of}&hand=shell" : $"/graft/{Id}/seat?board={Of}&hand=board";

    public async Task<IActionResult> OnPostAddAsync(IFormFile? file)
    {
        if (!await LoadAsync() || Name is null) return NotFound();
        return await folder.KeepAsync(file, ModelState, HttpContext.RequestAborted) is { } kept
            ? await SaveAsync(new LayPhoto(Of!, new PlanPhoto(Of!, kept.Hash, kept.WidthPx, kept.HeightPx))) : await InvalidAsync();
    }

    public Task<IActionResult> OnPostMarkAsync(int? end, string? x, string? y)
    {
        var (across, down) = ModelState.OnPicture("end", x, y);
        return ChangeAsync(photo =>
        {
            // Once all are marked, a press moves the one that is nearest.
            var which = end is >= 1 and <= 4 ? end.Value : photo.Marks.Length == 0 ? 1
                : photo.Marks.MinBy(mark => Math.Abs((mark.X - across) * photo.WidthPx) + Math.Abs((mark.Y - down) * photo.HeightPx))!.Position;
            return photo.With(new PhotoMark(which, across, down));
        });
    }

    public Task<IActionResult> OnPostScaleAsync(string? across, string? deep, string? left, string? rear)
    {
        var (wide, far) = (ModelState.Size("across", across), ModelState.Size("deep", deep));
        var at = new PlanPoint(left.Trimmed() is null ? 0 : ModelState.Place("left", left), rear.Trimmed() is null ? 0 : ModelState.Place("rear", rear));
        return ChangeAsync(photo => photo with { Across = wide, Deep = far, At = at });
    }

    public Task<IActionResult> OnPostTakeAwayAsync() => ChangeAsync(_ => null);

    protected override void OnShown()
    {
        Of = Things.Any(thing => thing.Id == Of) ? Of : Graft.Seating.Photos.FirstOrDefault()?.Of ?? Things.FirstOrDefault().Id;
        (Board, Plane) = (Graft.FindPart(Of ?? ""), Graft.Seating.FindPlane(Of ?? ""));
        Photo = Graft.Seating.Photos.FirstOrDefault(photo => photo.Of == Of);
    }

    private async Task<IActionResult> ChangeAsync(Func<PlanPhoto, PlanPhoto?> change)
        => await LoadAsync() && Photo is { } photo ? await SaveAsync(new LayPhoto(photo.Of, change(photo))) : NotFound();
}
