using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace LooseGraft.Web.Pages;

/// <summary>What a builder sees instead of a stack trace.</summary>
[AllowAnonymous]
[IgnoreAntiforgeryToken]
[ResponseCache(NoStore = true)]
public sealed class TroubleModel : PageModel
{
    public string Heading { get; private set; } = "";

    public string Advice { get; private set; } = "";

    public void OnGet([FromRoute] int status) => Explain(status);

    public void OnPost([FromRoute] int status) => Explain(status);

    private void Explain(int status) => (Heading, Advice) = Cause(status) switch
    {
        StatusCodes.Status400BadRequest => ("That could not be understood",
            "The form came back incomplete or from another visit; nothing was changed. Go back, load the page again, and repeat the step. What you typed is still in the form."),
        StatusCodes.Status404NotFound => ("There is nothing here",
            "The graft may have been thrown away, in which case it lies on the compost below the shelf, or the address has a slip in it."),
        StatusCodes.Status413PayloadTooLarge => ("That is too large", "A graft file is at most 4 MiB. Nothing was changed."),
        StatusCodes.Status429TooManyRequests => ("Too many tries", "Wait a minute, then try the passphrase again."),
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
