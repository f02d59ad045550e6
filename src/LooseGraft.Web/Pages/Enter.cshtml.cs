using System.Security.Claims;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.RateLimiting;

namespace LooseGraft.Web.Pages;

/// <summary>Where the passphrase is asked for when the bench is open to a network.</summary>
[AllowAnonymous]
[EnableRateLimiting(Door.RateLimit)]
public sealed class EnterModel(IConfiguration configuration) : PageModel
{
    public string? Problem { get; private set; }

    public IActionResult OnGet() => Door.IsLocked(configuration) ? Page() : Redirect("/");

    public async Task<IActionResult> OnPostAsync(string? passphrase, string? returnUrl)
    {
        if (!Door.IsLocked(configuration)) return Redirect("/");
        if (!Door.Opens(configuration, passphrase))
        {
            Problem = "That is not the passphrase.";
            return Page();
        }

        var builder = new ClaimsIdentity([new Claim(ClaimTypes.Name, "builder")], CookieAuthenticationDefaults.AuthenticationScheme);
        await HttpContext.SignInAsync(new ClaimsPrincipal(builder));
        return LocalRedirect(Url.IsLocalUrl(returnUrl) ? returnUrl : "/");
    }
}
