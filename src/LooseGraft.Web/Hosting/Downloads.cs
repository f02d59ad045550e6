using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Data.Copies;
using LooseGraft.Data.Donors;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Photos;
using LooseGraft.Data.Records;
using Microsoft.Net.Http.Headers;

namespace LooseGraft.Web.Hosting;

/// <summary>Sends what can be taken away as a file.</summary>
public static class Downloads
{
    private const string Json = "application/json; charset=utf-8";

    /// <summary>A graft as its open file, with what happened at the bench.</summary>
    public static async Task<IResult> GraftAsync(int id, GraftStore store, RecordBook records, CancellationToken cancellation)
        => await store.FindAsync(id, cancellation) is { } found
            ? Results.File(GraftFile.Write(found.Graft with { Records = [.. await records.OfAsync(id, cancellation)] }), Json,
                GraftEdits.FreshId(found.Graft.Name, []) + ".json")
            : Results.NotFound();

    /// <summary>A known donor as its open file.</summary>
    public static async Task<IResult> DonorAsync(int id, DonorStore store, CancellationToken cancellation)
        => await store.FindAsync(id, cancellation) is { Donor: var donor }
            ? Results.File(DonorFile.Write(donor), Json, GraftEdits.FreshId($"{donor.Model} {donor.Revision}", []) + ".json")
            : Results.NotFound();

    /// <summary>The whole bin as CSV.</summary>
    public static async Task<IResult> BinAsync(BinStore store, CancellationToken cancellation)
        => Results.File(BinTable.Write(await store.AllAsync(cancellation)), "text/csv; charset=utf-8", "bin.csv");

    /// <summary>The whole bench as one file.</summary>
    public static async Task<IResult> ArchiveAsync(BenchArchive archive, TimeProvider clock, CancellationToken cancellation)
        => Results.File(await archive.WriteAsync(cancellation), "application/zip", $"loose-graft {clock.GetUtcNow():yyyy-MM-dd}.zip");

    /// <summary>A kept picture. What lies under a hash never changes, and may be kept by the browser.</summary>
    public static IResult Photo(string hash, PhotoFolder folder, HttpContext context)
    {
        if (folder.Find(hash) is not { } file) return Results.NotFound();
        context.Response.Headers[HeaderNames.CacheControl] = "private, max-age=31536000, immutable";
        return Results.File(file, "image/jpeg");
    }
}
