namespace LooseGraft.Web.Tests;

internal static class Submitting
{
    /// <summary>Sends a form of a graft's page to one of its handlers, as of a revision.</summary>
    public static Task<HttpResponseMessage> SubmitAsync(
        this HttpClient browser, string page, string handler, int revision, params (string Name, string Value)[] fields)
        => BenchHost.SendAsync(browser, page, $"{page}{(page.Contains('?') ? '&' : '?')}handler={handler}", [("Revision", $"{revision}"), .. fields]);
}
