using LooseGraft.Web.Pages;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace LooseGraft.Web.Hosting;

/// <summary>Keeps a page from being made when none of its handlers answers the request: it would be a page of nothing.</summary>
internal sealed class HandlerGuard : IPageFilter
{
    public void OnPageHandlerSelected(PageHandlerSelectedContext context)
    {
    }

    public void OnPageHandlerExecuting(PageHandlerExecutingContext context)
    {
        var request = context.HttpContext.Request;
        // Pages are asked for as such, whatever else their address says; the page on troubles answers whatever it is sent.
        if (context.HandlerMethod is not null || HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method)
            || context.HandlerInstance is TroubleModel) return;
        context.HttpContext.Response.Headers.Allow = "GET, HEAD, POST";
        context.Result = new StatusCodeResult(StatusCodes.Status405MethodNotAllowed);
    }

    public void OnPageHandlerExecuted(PageHandlerExecutedContext context)
    {
    }
}
