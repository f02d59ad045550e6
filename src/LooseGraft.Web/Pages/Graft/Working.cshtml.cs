using System.Text.Json;
using LooseGraft.Core.Findings;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>A graft whose review takes its time: how far it is, and what is known so far. It asks again by itself, and leads on when all is known.</summary>
public sealed class WorkingModel(GraftStore store, ReviewDesk reviews) : FormPageModel
{
    /// <summary>Findings of the stages that are done; of more, the heaviest.</summary>
    private const int Most = 50;

    // One answer a second, whatever comes of it.
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(0.2);

    [BindProperty(SupportsGet = true)]
    public int Id { get; set; }

    /// <summary>The page that is waited for.</summary>
    [BindProperty(SupportsGet = true)]
    public string? To { get; set; }

    /// <summary>The key of what that page wants beyond the review.</summary>
    [BindProperty(SupportsGet = true)]
    public string? More { get; set; }

    public GraftSnapshot Snapshot { get; private set; } = null!;

    /// <summary>Each thing that is to be done, and how far it is.</summary>
    public IReadOnlyList<(string Name, string State, bool IsNow)> Lines { get; private set; } = [];

    public IReadOnlyList<Finding> Findings { get; private set; } = [];

    /// <summary>Where to wait for a page of a graft.</summary>
    public static string Address(int id, string to, string? more) => $"/graft/{id}/working?more={Uri.EscapeDataString(more ?? "")}&to={Uri.EscapeDataString(to)}";

    public async Task<IActionResult> OnGetAsync()
    {
        if (await store.FindAsync(Id, HttpContext.RequestAborted) is not { } found) return NotFound();
        Snapshot = found;
        var beyond = BeyondReview.Find(More);
        var job = reviews.Ask(found, beyond);
        if (await job.IsDoneWithinAsync(Patience, HttpContext.RequestAborted)) return Lead(Url.IsLocalUrl(To) ? To! : $"/graft/{Id}");
        PostFormTagHelper.Show(HttpContext, found.Revision);
        var (review, isReviewed) = (job.Work, false);
        if (beyond is not null) (review, isReviewed) = (reviews.Ask(found).Work, reviews.Ask(found).Result.IsCompleted);
        Lines =
        [
            .. Core.Stages.All.Select(stage => Line($"{stage.Stage}", stage.Stage, review.Step, isReviewed)),
            .. beyond is not null ? [Line(beyond.Name, beyond.Stage, job.Work.Step, isDone: false)] : Array.Empty<(string, string, bool)>(),
        ];
        Findings = [.. review.Done.Findings.OrderByDescending(finding => finding.Severity).Take(Most)];
        return Page();
    }

    /// <summary>Takes back what has made it take so long.</summary>
    public async Task<IActionResult> OnPostUndoAsync(int revision)
    {
        if ((await store.UndoAsync(Id, revision, HttpContext.RequestAborted)).Current is null) return NotFound();
        return Redirect(Address(Id, Url.IsLocalUrl(To) ? To! : $"/graft/{Id}", More));
    }

    private static (string Name, string State, bool IsNow) Line(string name, Stage stage, ReviewStep? step, bool isDone)
        => isDone || stage < step?.Stage ? (name, "done", false)
            : stage == step?.Stage ? (name, step.Of == 0 ? "being looked at" : $"at {step.Words}", true)
            : (name, "to come", false);

    // The address that is shown becomes that of the page, as if it had come at once.
    private IActionResult Lead(string to)
    {
        if (!Request.IsHtmx() || !Request.Headers.ContainsKey("HX-Trigger")) return Redirect(to);
        Response.Headers["HX-Location"] = JsonSerializer.Serialize(new { path = to, target = "#bench", select = "#bench", swap = "morph:outerHTML" });
        return StatusCode(StatusCodes.Status204NoContent);
    }
}
