using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Data;

namespace LooseGraft.Web.Hosting;

/// <summary>Sends a graft as its open file.</summary>
public static class GraftDownload
{
    public static async Task<IResult> SendAsync(int id, GraftStore store, CancellationToken cancellation)
        => await store.FindAsync(id, cancellation) is { } found
            ? Results.File(GraftFile.Write(found.Graft), "application/json; charset=utf-8", GraftEdits.FreshId(found.Graft.Name, []) + ".json")
            : Results.NotFound();
}
