using Microsoft.Net.Http.Headers;

namespace LooseGraft.Web.Hosting;

/// <summary>Lets browsers keep, for a year, what style sheets name by a hash of its content. What pages name is fingerprinted by the framework.</summary>
public static class KeptAssets
{
    private const string Folder = "lib/kept/";

    /// <summary>Marks the files of the folder as never changing.</summary>
    public static TBuilder KeepForAYear<TBuilder>(this TBuilder assets)
        where TBuilder : IEndpointConventionBuilder
    {
        assets.Finally(endpoint =>
        {
            if (endpoint is not RouteEndpointBuilder { RoutePattern.RawText: { } route, RequestDelegate: { } send }
                || !route.TrimStart('/').StartsWith(Folder, StringComparison.Ordinal)) return;
            endpoint.RequestDelegate = context =>
            {
                context.Response.OnStarting(() =>
                {
                    context.Response.Headers[HeaderNames.CacheControl] = "max-age=31536000, immutable";
                    return Task.CompletedTask;
                });
                return send(context);
            };
        });
        return assets;
    }
}
