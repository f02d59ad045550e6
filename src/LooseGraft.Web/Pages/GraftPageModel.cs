using System.Globalization;
using LooseGraft.Core;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Stages;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.WebUtilities;

namespace LooseGraft.Web.Pages;

/// <summary>What every page of a graft has: the graft, its review, undo and redo, and one way to save a change.</summary>
public abstract partial class GraftPageModel(GraftStore store, ReviewDesk reviews) : FormPageModel
{
    [BindProperty(SupportsGet = true)]
    public int Id { get; set; }

    /// <summary>The revision that the builder's page showed when the form was sent. The page to be shown has that of <see cref="Snapshot"/>.</summary>
    [BindProperty]
    public int Revision { get; set; }

    public GraftSnapshot Snapshot { get; private set; } = null!;

    public Review Review { get; private set; } = null!;

    public Collision? Collision { get; private set; }

    /// <summary>The stage in whose folder this page lies; null for pages about the graft as a whole.</summary>
    public Stage? Stage => StagePages.StageOf(PageContext.ActionDescriptor.RelativePath);

    /// <summary>The graft that the page is about: all of it where parts are kept and paid, and as it is in use everywhere else.</summary>
    public Graft Graft => Stage is null or Core.Findings.Stage.Stock or Core.Findings.Stage.Buy ? Snapshot.Graft : Review.Graft;

    /// <summary>The day at the bench.</summary>
    public DateOnly Today => reviews.Today;

    protected GraftStore Store => store;

    private CancellationToken Aborted => HttpContext.RequestAborted;

    public async Task<IActionResult> OnGetAsync() => await store.FindAsync(Id, Aborted) is { } found ? await ShowSoonAsync(found) : NotFound();

    /// <summary>What the page shows beyond the review; null for nothing.</summary>
    protected virtual BeyondReview? Beyond => null;

    /// <summary>Whether what the page is about is in the graft as it stands.</summary>
    protected virtual bool IsThere => true;

    public async Task<IActionResult> OnPostUndoAsync()
        => await DoneAsync(await store.UndoAsync(Id, Revision, Aborted), result => $"Taken back. {Redoable(result)}", "undo");

    public async Task<IActionResult> OnPostRedoAsync()
        => await DoneAsync(await store.RedoAsync(Id, Revision, Aborted), result => $"Brought back: {result.Current?.CanUndo}.", "redo");

    /// <summary>What the rules of a stage say of one thing.</summary>
    public IEnumerable<Finding> ToldOf(Stage stage, Subject subject) => Review.At(stage).Where(finding => finding.Subject == subject);

    /// <summary>This page's address with some of its query changed; a null value takes a key out.</summary>
    public string Link(params (string Key, string? Value)[] changes)
    {
        var query = Request.Query.Where(entry => entry.Key != "handler" && changes.All(change => change.Key != entry.Key))
            .Select(entry => KeyValuePair.Create<string, string?>(entry.Key, entry.Value))
            .Concat(changes.Where(change => change.Value is not null).Select(change => KeyValuePair.Create(change.Key, change.Value)));
        return QueryHelpers.AddQueryString(Request.Path, query);
    }

    protected async Task<bool> LoadAsync()
    {
        if (await store.FindAsync(Id, Aborted) is not { } found) return false;
        await ShowAsync(found);
        return true;
    }

    /// <summary>Saves a change and shows the page as it then stands.</summary>
    protected async Task<IActionResult> SaveAsync(GraftEdit edit)
    {
        // A choice that is none of those offered must not be saved as the first of them.
        if (!ModelState.IsValid) return await InvalidAsync();
        var result = await store.ChangeAsync(Id, Revision, edit, Aborted);
        if (result is { Outcome: SaveOutcome.Stale, Current: { } current })
            return await CollideAsync(current, edit.Standing(edit.Apply(current.Graft)), edit.Standing(current.Graft), result.Met);
        foreach (var error in result.Errors)
            ModelState.AddModelError("", $"{error.Path}: {error.Found} will not do. It takes {error.Allowed}.");
        var beside = result is { Met: { } met, Current: { } both } ? await BesideAsync(met, both) : "";
        return await DoneAsync(result, saved => $"{saved.What}.{beside}", "save");
    }

    /// <summary>Goes to the state after any change.</summary>
    protected async Task<IActionResult> GoToAsync(int? change)
        => await DoneAsync(await store.GoToAsync(Id, Revision, change, Aborted),
            result => $"The graft now stands at: {result.Current?.CanUndo ?? "its beginning"}.", "go back");

    /// <summary>Shows the page again with what is wrong in the form.</summary>
    protected async Task<IActionResult> InvalidAsync()
    {
        if (!await LoadAsync() || !IsThere) return NotFound();
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    private async Task<IActionResult> DoneAsync(SaveResult result, Func<SaveResult, string> say, string action)
    {
        if (result.Current is not { } current) return NotFound();
        if (result.Outcome == SaveOutcome.Stale)
            return await CollideAsync(current, $"{action} upon revision {Revision}", $"revision {current.Revision}: {current.CanUndo ?? "as it began"}");
        if (result.Outcome == SaveOutcome.Refused) return await InvalidAsync();
        Said = say(result);
        if (!Request.IsHtmx()) return Redirect(Link());
        return await ShowSoonAsync(current);
    }

    // What is not worked out soon has a page of its own meanwhile, which leads back here.
    private async Task<IActionResult> ShowSoonAsync(GraftSnapshot snapshot)
    {
        if (!await Job(snapshot).IsDoneWithinAsync(reviews.Patience, Aborted)) return Redirect(WorkingModel.Address(Id, Link(), Beyond?.Key));
        await ShowAsync(snapshot);
        // Undo may take away the very thing the page is about.
        return IsThere ? Page() : NotFound();
    }

    private DeskJob<Review> Job(GraftSnapshot snapshot) => reviews.Ask(snapshot, Beyond);

    private async Task ShowAsync(GraftSnapshot snapshot)
    {
        Snapshot = snapshot;
        PostFormTagHelper.Show(HttpContext, snapshot.Revision);
        Review = await reviews.SeenAsync(Id, await Job(snapshot).WaitAsync(Aborted), Stage == Core.Findings.Stage.Buy, Aborted);
        OnShown();
        await OnShownAsync(Aborted);
    }

    /// <summary>Called after <see cref="OnShown"/>, for what has to be waited for.</summary>
    /// <param name="cancellation">Cancelled when the reader has gone.</param>
    protected virtual Task OnShownAsync(CancellationToken cancellation) => Task.CompletedTask;

    /// <summary>Called whenever another state of the graft is about to be shown.</summary>
    protected virtual void OnShown()
    {
    }

    private static string Redoable(SaveResult result)
        => result.Current?.CanRedo is { } what ? string.Create(CultureInfo.InvariantCulture, $"It was: {what}.") : "There was nothing to take back.";
}
