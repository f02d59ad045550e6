using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace LooseGraft.Web.Pages;

/// <summary>Every change of a graft, on every branch.</summary>
public sealed class HistoryModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    public GraftHistory History { get; private set; } = new(null, []);

    public Task<IActionResult> OnPostGoToAsync(int? change) => GoToAsync(change);

    public override async Task OnPageHandlerExecutionAsync(PageHandlerExecutingContext context, PageHandlerExecutionDelegate next)
    {
        // Whatever the handler did, the page then lists the history as it stands.
        await base.OnPageHandlerExecutionAsync(context, next);
        History = await Store.HistoryAsync(Id, HttpContext.RequestAborted);
    }
}
