using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Data.Tables;

namespace LooseGraft.Web.Hosting;

/// <summary>Sends every limit of a graft's feeding, in every load case, as a table.</summary>
public static class FeedDownload
{
    public static async Task<IResult> SendAsync(int id, GraftStore store, ReviewDesk reviews, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } found) return Results.NotFound();
        var feed = (await reviews.OfAsync(found, cancellation)).Feed;
        var table = CsvSheet.Of(
            from supply in feed.Supplies
            from limit in supply.Limits
            from loadCase in Enum.GetValues<LoadCase>()
            let use = limit.In(loadCase)
            select new
            {
                supply = supply.Name,
                limit = limit.Name,
                loadCase = loadCase.ToString().ToLowerInvariant(),
                low = use.Used.Low.Value,
                likely = use.Used.Likely.Value,
                high = use.Used.High.Value,
                bears = limit.Limit.Value.Value,
                unit = limit.Limit.Value.IsPower ? "W" : "A",
                evidence = limit.Weakest.Words(),
                verdict = Words.SeverityWords.Words(use.Verdict),
            });
        return Results.File(table, "text/csv; charset=utf-8", GraftEdits.FreshId($"{found.Graft.Name} feed", []) + ".csv");
    }
}
