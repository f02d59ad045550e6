using Microsoft.Net.Http.Headers;

namespace LooseGraft.Web.Hosting;

/// <summary>Tells the browser to run, load and send nothing but the application's own.</summary>
public sealed class SecurityHeaders(RequestDelegate next)
{
    private const string ContentPolicy =
        "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:; connect-src 'self'; "
        + "form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    public Task InvokeAsync(HttpContext context)
    {
        context.Response.OnStarting(() =>
        {
            var headers = context.Response.Headers;
            headers.ContentSecurityPolicy = ContentPolicy;
            headers.XContentTypeOptions = "nosniff";
            // One address answers with a whole page or with its bench alone, and always with the latest state.
            headers.Append(HeaderNames.Vary, "HX-Request");
            if (!headers.ContainsKey(HeaderNames.CacheControl) && !HasVersion(context.Request)) headers.CacheControl = "no-cache";
            headers["Referrer-Policy"] = "same-origin";
            headers["Cross-Origin-Opener-Policy"] = "same-origin";
            headers["Permissions-Policy"] = "camera=(), microphone=(), geolocation=()";
            return Task.CompletedTask;
        });
        return next(context);
    }

    /// <summary>Puts the headers before whatever else answers.</summary>
    internal sealed class First : IStartupFilter
    {
        public Action<IApplicationBuilder> Configure(Action<IApplicationBuilder> next)
            => app =>
            {
                app.UseMiddleware<SecurityHeaders>();
                next(app);
            };
    }

    // Styles and scripts carry a hash of their content in their address and may be kept.
    private static bool HasVersion(HttpRequest request) => request.Query.ContainsKey("v");
}
