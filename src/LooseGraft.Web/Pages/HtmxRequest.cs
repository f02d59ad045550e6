namespace LooseGraft.Web.Pages;

/// <summary>Tells requests made by htmx, which want only the bench of a page, from those that want the whole page.</summary>
public static class HtmxRequest
{
    public static bool IsHtmx(this HttpRequest request) => request.Headers["HX-Request"] == "true" && request.Headers["HX-History-Restore-Request"] != "true";

    /// <summary>Whether the page from which htmx asks has that path.</summary>
    public static bool IsSentFrom(this HttpRequest request, PathString path)
        => Uri.TryCreate(request.Headers["HX-Current-URL"], UriKind.Absolute, out var from) && from.AbsolutePath == path;
}
