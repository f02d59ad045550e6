using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Surveying;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Distances from a caliper, and the places that follow from them.</summary>
public sealed class SurveyModel(GraftStore store, ReviewCache reviews) : GraftPageModel(store, reviews)
{
    // A place known worse than this is not worth drilling by.
    private const double UsefulMm = 0.5;
    private const double UsualHoleMm = 3.6;

    public override Stage? Stage => Core.Findings.Stage.Seat;

    /// <summary>The part or the plane that is measured.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Of { get; set; }

    public Part? Board { get; private set; }

    public MountPlane? Plane { get; private set; }

    public string? Name => Board?.Name ?? Plane?.Name;

    public SurveyResult? Result { get; private set; }

    /// <summary>What can be measured.</summary>
    public IEnumerable<(string Id, string Name)> Things
        => Graft.Parts.Where(part => part.Kind == PartKind.Board || part.Body is not null || !part.Holes.IsEmpty).Select(part => (part.Id, part.Name)).Concat(Graft.Seating.Planes.Select(plane => (plane.Id, plane.Name)));

    public string Lines => string.Join('\n', Graft.Seating.Surveys.FirstOrDefault(survey => survey.Of == Of)?.Spans.Select(SurveyText.Write) ?? []);

    /// <summary>Why the places cannot be taken over yet; null when they can.</summary>
    public string? NotYet => Result switch
    {
        null or { Points.Length: 0 } => "no point has a place yet",
        _ when Result.Undetermined.FirstOrDefault() is { } loose => $"nothing fixes {loose.Name} yet",
        _ when Result.Points.FirstOrDefault(point => point.HasMirror) is { } mirrored => $"{mirrored.Name} fits on the other side as well",
        _ when Result.Suspect is { } suspect => $"{suspect.Span.From} to {suspect.Span.To} does not fit the rest",
        _ when Result.LargestAxis > UsefulMm => FormattableString.Invariant($"the least certain place is only known to ±{Result.LargestAxis:0.0} mm"),
        _ => null,
    };

    public async Task<IActionResult> OnPostSpansAsync(string? spans)
    {
        if (!await LoadAsync() || Name is null) return NotFound();
        var read = new List<SurveySpan>();
        foreach (var (index, line) in (spans ?? "").ReplaceLineEndings("\n").Split('\n').Index().Where(pair => !string.IsNullOrWhiteSpace(pair.Item)))
        {
            if (SurveyText.TryRead(line) is { } span) read.Add(span);
            else ModelState.AddModelError("spans", $"Line {index + 1}, “{(line.Length > 60 ? line[..60] + "…" : line.Trim())}”, is not a distance. Type {SurveyText.Allowed}.");
        }

        if (read.Count > GraftFileLimits.Spans) ModelState.AddModelError("spans", $"There are more than {GraftFileLimits.Spans} lines.");
        var (of, name) = (Of!, Name);
        return await SaveAsync(new Edit($"{name} measured: {read.Count} distances", graft => graft.WithSeating(seating => seating.WithSurvey(of, read.ToValueList())),
            graft => $"{graft.Seating.Surveys.FirstOrDefault(survey => survey.Of == of)?.Spans.Length ?? 0} distances"));
    }

    /// <summary>Makes the measured places those of the board's holes, or of the plane's mounts.</summary>
    public async Task<IActionResult> OnPostTakeAsync()
    {
        if (!await LoadAsync() || Name is null) return NotFound();
        if (NotYet is { } because)
        {
            ModelState.AddModelError("take", $"The places were not taken over: {because}.");
            return await InvalidAsync();
        }

        var result = Result!;
        return await SaveAsync(Board is { } board ? Holes(board, result) : Mounts(Plane!, result));
    }

    protected override void OnShown()
    {
        Of = Things.Any(thing => thing.Id == Of) ? Of : Graft.Seating.Surveys.FirstOrDefault()?.Of ?? Things.FirstOrDefault().Id;
        (Board, Plane) = (Graft.FindPart(Of ?? ""), Graft.Seating.FindPlane(Of ?? ""));
        Result = Review.Seat.Surveys.GetValueOrDefault(Of ?? "");
    }

    private static Edit Holes(Part board, SurveyResult result)
    {
        // Points that are called like holes are holes; any other marks something else.
        ValueList<MountHole> holes = [.. result.Points.Where(point => point.Name.StartsWith('h'))
            .Select(point => new MountHole(Math.Round(point.At.X, 2), Math.Round(point.At.Y, 2), new Millimetres(Math.Round(point.Diameter ?? UsualHoleMm, 2))))];
        var outline = result is { Width: { } width, Depth: { } depth } ? new PlanRectangle(0, 0, Math.Round(width, 1), Math.Round(depth, 1)) : (PlanRectangle?)null;
        return new Edit($"{board.Name}: {holes.Length} holes from measured distances",
            graft => graft.WithPart(board.Id, part => part with
            {
                Holes = holes,
                // A described outline has notches that two distances do not tell; it is only given where there is none.
                Body = part.Body ?? (outline is { } square ? new PartBody([.. square.Corners], Evidence.Measured) : null),
            }),
            graft => $"{graft.FindPart(board.Id)?.Holes.Length ?? 0} holes");
    }

    private static Edit Mounts(MountPlane plane, SurveyResult result)
    {
        var corner = PlanRectangle.Round(plane.Outline);
        Mount Made(SurveyedPoint point)
        {
            var at = new PlanPoint(Math.Round(point.At.X + corner.X, 2), Math.Round(point.At.Y + corner.Y, 2));
            return (plane.Mounts.FirstOrDefault(mount => mount.Id == point.Name) ?? new Mount(point.Name, MountKind.Standoff, at, UsualBoard.Rise)) with { At = at, Evidence = Evidence.Measured };
        }

        return new Edit($"{plane.Name}: {result.Points.Length} mounts from measured distances",
            graft => graft.WithSeating(seating => seating.WithPlane(plane.Id, found => found with { Mounts = [.. found.Mounts.Where(mount => result.Points.All(point => point.Name != mount.Id)), .. result.Points.Select(Made)] })),
            graft => $"{graft.Seating.FindPlane(plane.Id)?.Mounts.Length ?? 0} mounts");
    }
}
