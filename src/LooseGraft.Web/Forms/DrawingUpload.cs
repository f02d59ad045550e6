using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Core.Seat.Exchange;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>A drawing that is brought in: for a board its outline and holes, for a plane its outline and what is cut into it.</summary>
public static class DrawingUpload
{
    /// <summary>Reads a drawing.</summary>
    /// <returns>The edit that takes it over; null, with an error under <c>file</c>, when it will not do.</returns>
    public static async Task<GraftEdit?> ReadAsync(ModelStateDictionary errors, Graft graft, IFormFile? file, string? into, CancellationToken cancellation)
    {
        if (file is null || file.Length == 0) errors.AddModelError("file", "Choose a drawing, DXF or SVG.");
        else if (file.Length > ReadSheet.MostBytes) errors.AddModelError("file", $"The drawing is larger than {ReadSheet.MostBytes / 1024 / 1024} MiB.");
        if (!errors.IsValid) return null;
        using var reader = new StreamReader(file!.OpenReadStream(), Encoding.UTF8);
        var text = await reader.ReadToEndAsync(cancellation);
        var read = text.TrimStart().StartsWith('<') ? SvgReader.Read(text) : DxfReader.Read(text);
        if (read.Problem is { } problem) errors.AddModelError("file", $"{Path.GetFileName(file.FileName)} was not brought in. {problem}");
        if (graft.FindPart(into ?? "") is { } part) return new DrawBoard(part.Id, read.Bounded(1, GraftFileLimits.Corners, GraftFileLimits.Holes));
        if (graft.Seating.FindPlane(into ?? "") is { } plane)
            return new DrawPlane(plane.Id, read.Bounded(GraftFileLimits.Openings + 1, GraftFileLimits.Corners, GraftFileLimits.Mounts));
        errors.AddModelError("file", "Choose what the drawing shows: a board or a base.");
        return null;
    }
}
