using System.Globalization;
using System.Net;
using LooseGraft.Core.Model;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace LooseGraft.Web.Pages;

/// <summary>Where the passphrase is asked for when the bench is open to a network, and where one leaves again.</summary>
[AllowAnonymous]
public sealed partial class EnterModel(IConfiguration configuration, Door door, ILogger<EnterModel> log) : PageModel
{
    public string? Problem { get; private set; }

    /// <summary>Whether others on the way can read what is typed here.</summary>
    public bool IsOpenLine => !Request.IsHttps && !(HttpContext.Connection.RemoteIpAddress is { } address && IPAddress.IsLoopback(address));

    public IActionResult OnGet() => Door.IsLocked(configuration) ? Page() : Redirect("/");

    public async Task<IActionResult> OnPostAsync(string? passphrase, string? returnUrl)
    {
        if (!Door.IsLocked(configuration)) return Redirect("/");
        var address = HttpContext.Connection.RemoteIpAddress;
        var answer = door.Try(address, passphrase);
        if (!answer.IsHeard) return Refuse("Too soon after a wrong one: this was not looked at. ", answer.Wait);
        if (!answer.IsOpen)
        {
            TellWrong(log, address, answer.Wrong);
            return Refuse("That is not the passphrase. ", answer.Wait);
        }

        await HttpContext.SignInAsync(door.Builder());
        return LocalRedirect(Url.IsLocalUrl(returnUrl) ? returnUrl : "/");
    }

    public async Task<IActionResult> OnPostLeaveAsync()
    {
        await HttpContext.SignOutAsync();
        return Redirect("/enter");
    }

    private PageResult Refuse(string why, TimeSpan wait)
    {
        var seconds = Math.Max(1, (int)Math.Ceiling(wait.TotalSeconds));
        Response.Headers.RetryAfter = seconds.ToString(CultureInfo.InvariantCulture);
        Problem = $"{why}Try again in {(seconds < 120 ? seconds.Counted("second") : (seconds / 60).Counted("minute"))}.";
        Response.StatusCode = StatusCodes.Status401Unauthorized;
        return Page();
    }

    // What was typed may be the passphrase of something else, and is not written down.
    [LoggerMessage(LogLevel.Warning, "A wrong passphrase from {Address}, the {Count}. in a row")]
    private static partial void TellWrong(ILogger log, IPAddress? address, int count);
}
