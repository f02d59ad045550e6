using System.Collections.Immutable;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Core.Seat.Surveying;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Distances from a caliper, and the places that follow from them.</summary>
public sealed class SurveyModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    // A place known worse than this is not worth drilling by.
    private const double UsefulMm = 0.5;

    /// <summary>The part or the plane that is measured.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Of { get; set; }

    public Part? Board { get; private set; }

    public MountPlane? Plane { get; private set; }

    public string? Name => Board?.Name ?? Plane?.Name;

    public SurveyResult? Result { get; private set; }

    /// <summary>What can be measured.</summary>
    public IEnumerable<(string Id, string Name)> Things
        => Graft.Parts.Where(part => part.CanBeSeated).Select(part => (part.Id, part.Name))
            .Concat(Graft.Seating.Planes.Select(plane => (plane.Id, plane.Name)));

    public string Lines => string.Join('\n', Graft.Seating.Surveys.FirstOrDefault(survey => survey.Of == Of)?.Spans.Select(SurveyText.Write) ?? []);

    /// <summary>Why the places cannot be taken over yet; null when they can.</summary>
    public string? NotYet => Result switch
    {
        null or { Points.Length: 0 } => "no point has a place yet",
        _ when Result.Undetermined.FirstOrDefault() is { } loose => $"nothing fixes {loose.Name} yet",
        _ when Result.Points.FirstOrDefault(point => point.HasMirror) is { } mirrored => $"{mirrored.Name} fits on the other side as well",
        _ when Result.Doubts is [{ } doubt, ..] => $"{doubt.Span.From} to {doubt.Span.To} does not fit the rest",
        _ when Result.LargestAxis > UsefulMm => FormattableString.Invariant($"the least certain place is only known to ±{Result.LargestAxis:0.0} mm"),
        _ => null,
    };

    /// <summary>What checks the distances, in words.</summary>
    public string Checks => Result! switch
    {
        { Redundancy: <= 0 } => "nothing checks these distances yet",
        { Redundancy: var more, LargestBound: var bound } => $"{more.Counted("distance")} more than needed; "
            + (double.IsFinite(bound) ? FormattableString.Invariant($"a slip that they do not show moves a place by up to {bound:0.0} mm")
                : "a slip in some of them would not show"),
    };

    /// <summary>Whether the places hold even with a slip in one reading.</summary>
    public bool IsChecked => NotYet is null && Result?.LargestBound <= UsefulMm * 2;

    /// <summary>What is to be said of a distance.</summary>
    public string Verdict(SurveyedSpan span) => Result!.Doubts.FirstOrDefault(doubt => doubt.Span == span.Span) switch
    {
        { Unit: { } unit } => $"fits as {span.Span.Text} {unit}",
        { } => "left out; measure it again",
        _ when Result.Doubts.Any(doubt => doubt.Rivals.Contains(span.Span)) => "may be wrong instead",
        _ => span.Weight is null ? "nothing checks it" : span.Weight > SurveyAdjustment.SuspectAt ? "fits poorly" : "fits",
    };

    public async Task<IActionResult> OnPostSpansAsync(string? spans)
    {
        if (!await LoadAsync() || Name is null) return NotFound();
        var read = new List<SurveySpan>();
        foreach (var (index, line) in (spans ?? "").ReplaceLineEndings("\n").Split('\n').Index().Where(pair => !string.IsNullOrWhiteSpace(pair.Item)))
        {
            if (SurveyText.TryRead(line) is { } span) read.Add(span);
            else ModelState.AddModelError(
                "spans", $"Line {index + 1}, {line.Quoted()}, is not a distance. Type {SurveyText.Allowed}.");
        }

        if (read.Count > GraftFileLimits.Spans) ModelState.AddModelError("spans", $"There are more than {GraftFileLimits.Spans} lines.");
        return await SaveAsync(new WriteSurvey(Of!, read.ToValueList()));
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

        return await SaveAsync(Board is { } board ? new TakeSurveyedHoles(board.Id, Result!) : new TakeSurveyedMounts(Plane!.Id, Result!));
    }

    protected override void OnShown()
    {
        Of = Things.Any(thing => thing.Id == Of) ? Of : Graft.Seating.Surveys.FirstOrDefault()?.Of ?? Things.FirstOrDefault().Id;
        (Board, Plane) = (Graft.FindPart(Of ?? ""), Graft.Seating.FindPlane(Of ?? ""));
        Result = Review.Seat.Surveys.GetValueOrDefault(Of ?? "");
    }
}
