using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Data;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace LooseGraft.Web.Pages;

/// <summary>What a builder sees instead of a stack trace.</summary>
[AllowAnonymous]
[IgnoreAntiforgeryToken]
[ResponseCache(NoStore = true)]
public sealed partial class TroubleModel(GraftStore store) : PageModel
{
    public string Heading { get; private set; } = "";

    public string Advice { get; private set; } = "";

    /// <summary>The graft that the address was about; null where it was about none, or the graft itself is what is missing.</summary>
    public string? Graft { get; private set; }

    // Whatever the request was, a GET or a form or neither.
    public override async Task OnPageHandlerExecutionAsync(PageHandlerExecutingContext context, PageHandlerExecutionDelegate next)
    {
        if (GraftAddress().Match(HttpContext.Features.Get<IStatusCodeReExecuteFeature>()?.OriginalPath ?? "") is { Success: true } match
            && int.TryParse(match.Groups[1].ValueSpan, CultureInfo.InvariantCulture, out var id)
            && await store.FindAsync(id, HttpContext.RequestAborted) is not null)
        {
            Graft = $"/graft/{id}";
        }

        Explain(int.Parse((string)RouteData.Values["status"]!, CultureInfo.InvariantCulture));
        await next();
    }

    [GeneratedRegex("^/graft/([0-9]{1,9})/.")]
    private static partial Regex GraftAddress();

    private void Explain(int status) => (Heading, Advice) = Cause(status) switch
    {
        StatusCodes.Status400BadRequest => ("That could not be understood",
            "The form came back incomplete or from another visit; nothing was changed. Go back, load the page again, and repeat the step. What you typed is still in the form."),
        StatusCodes.Status404NotFound when Graft is not null => ("There is nothing here",
            "What this page was about is not in the graft any more, or the address has a slip in it. If it was taken out just now, undo brings it back."),
        StatusCodes.Status404NotFound => ("There is nothing here",
            "The graft may have been thrown away, in which case it lies on the compost below the shelf, or the address has a slip in it."),
        StatusCodes.Status405MethodNotAllowed => ("That cannot be done here",
            "What was sent does not say which of the page's forms it is, so nothing was changed. Go back, load the page again, and repeat the step."),
        StatusCodes.Status413PayloadTooLarge => ("That is too large", "A graft file is at most 4 MiB. Nothing was changed."),
        StatusCodes.Status503ServiceUnavailable => ("The bench is busy",
            "Another program has held its file for half a minute. Nothing was changed. Close what holds it, go back and try again; what you typed is still in the form."),
        StatusCodes.Status507InsufficientStorage => ("The disk is full",
            "Nothing was changed and nothing was half-saved. Make some room on the disk of the bench, go back and try again; what you typed is still in the form."),
        _
            => ("Something went wrong here, not with you",
            "The change was not made and nothing was half-saved. Go back and try it once more; if it happens again, the log of the application says why."),
    };

    // A body that is too large is cut off while the form is read, which then looks like a form without its token.
    // After an exception the code of the answer, not the address, says what it was.
    private int Cause(int status)
    {
        if (Request.ContentLength > HttpContext.Features.Get<IHttpMaxRequestBodySizeFeature>()?.MaxRequestBodySize) return StatusCodes.Status413PayloadTooLarge;
        return HttpContext.Features.Get<IExceptionHandlerFeature>() is null ? status : Response.StatusCode;
    }
}
