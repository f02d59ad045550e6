namespace LooseGraft.Web.Pages;

/// <summary>Tells requests made by htmx, which want only the bench of a page, from those that want the whole page.</summary>
public static class HtmxRequest
{
    public static bool IsHtmx(this HttpRequest request) => request.Headers["HX-Request"] == "true" && request.Headers["HX-History-Restore-Request"] != "true";
}
