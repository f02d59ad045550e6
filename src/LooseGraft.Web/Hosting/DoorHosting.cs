using LooseGraft.Web.Pages;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;

namespace LooseGraft.Web.Hosting;

/// <summary>Puts a door before the bench. Without a passphrase it is served to this machine alone, and everybody at this machine may use it.</summary>
internal static class DoorHosting
{
    public static void AddDoor(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<Door>();
        builder.Services.AddAuthentication(CookieAuthenticationDefaults.AuthenticationScheme).AddCookie(options =>
        {
            options.Cookie.Name = "loose-graft-door";
            options.Cookie.SameSite = SameSiteMode.Strict;
            options.Events.OnRedirectToLogin = AskAsync;
            options.Events.OnValidatePrincipal = CheckAsync;
        });
        builder.Services.AddAuthorization(options =>
        {
            if (Door.IsLocked(builder.Configuration))
                options.FallbackPolicy = new AuthorizationPolicyBuilder().RequireAuthenticatedUser().Build();
        });
    }

    // By path alone: an address with a host would send the builder wherever the request's own header says.
    private static Task AskAsync(RedirectContext<CookieAuthenticationOptions> context)
    {
        var request = context.Request;
        if (!request.IsHtmx())
        {
            context.Response.Redirect(Enter(HttpMethods.IsGet(request.Method) ? request.Path + request.QueryString : "/"));
            return Task.CompletedTask;
        }

        // A piece of a page is asked for, and the door would stand in its place: the browser is told to go there.
        var page = Uri.TryCreate(request.Headers["HX-Current-URL"], UriKind.Absolute, out var shown) ? shown.PathAndQuery : "/";
        context.Response.StatusCode = StatusCodes.Status401Unauthorized;
        context.Response.Headers["HX-Redirect"] = Enter(page);
        return Task.CompletedTask;
    }

    private static string Enter(string returnTo) => $"/enter{QueryString.Create("returnUrl", returnTo)}";

    private static async Task CheckAsync(CookieValidatePrincipalContext context)
    {
        if (context.HttpContext.RequestServices.GetRequiredService<Door>().Knows(context.Principal)) return;
        context.RejectPrincipal();
        await context.HttpContext.SignOutAsync();
    }
}
