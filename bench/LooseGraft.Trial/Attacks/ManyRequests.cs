using System.Net;

namespace LooseGraft.Trial.Attacks;

/// <summary>Every page is asked for again and again, and memory does not grow with it.</summary>
internal sealed record ManyRequests() : Attack("Requests for every page, many at once", 20_000, 100)
{
    private const int AtOnce = 8;
    private const int MostGrownMegabytes = 20;
    private const int Settling = 2000;
    private const int Parts = 50;

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        await using var process = await StartedProcess.DemosAsync(root);
        using var visitor = new Visitor(process.Address);
        var pages = await PagesAsync(visitor, cancellation);
        // What is compiled and kept at first is no growth.
        await AskAsync(visitor, pages, Math.Min(Settling, tally.Planned), new Tally(Settling), cancellation);
        // Memory goes up and down between collections; what it is on the average of many requests does not.
        var megabytes = new List<int>();
        for (var part = 0; part < Parts; part++)
        {
            await AskAsync(visitor, pages, tally.Planned / Parts, tally, cancellation);
            megabytes.Add(process.MegabytesOfItsOwn);
        }

        var (before, after) = (megabytes.Take(Parts / 5).Average(), megabytes.TakeLast(Parts / 5).Average());
        if (tally.Planned > Settling && after - before > MostGrownMegabytes) tally.Fail($"memory grew from {before:0} to {after:0} MB");
        tally.Note = $"{pages.Length} pages; {before:0} MB over the first fifth, {after:0} MB over the last";
    }

    private static async Task<string[]> PagesAsync(Visitor visitor, CancellationToken cancellation)
    {
        var (found, next) = (new HashSet<string> { "/" }, new Queue<string>(["/"]));
        for (var looked = 0; next.TryDequeue(out var page) && looked < 40; looked++)
        {
            using var answer = await visitor.GetAsync(page, cancellation);
            if (answer.Content.Headers.ContentType?.MediaType != "text/html") continue;
            foreach (var link in visitor.Read(await answer.Content.ReadAsStringAsync(cancellation)).QuerySelectorAll("a[href^='/']"))
            {
                var address = link.GetAttribute("href")!.Split('#')[0];
                if (!address.StartsWith("/copies/archive", StringComparison.Ordinal) && found.Add(address)) next.Enqueue(address);
            }
        }

        return [.. found];
    }

    private static Task AskAsync(Visitor visitor, string[] pages, int times, Tally tally, CancellationToken cancellation)
        => Parallel.ForAsync(0, times, new ParallelOptions { MaxDegreeOfParallelism = AtOnce, CancellationToken = cancellation }, async (turn, _) =>
        {
            using var answer = await visitor.GetAsync(pages[turn % pages.Length], cancellation);
            await answer.Content.CopyToAsync(Stream.Null, cancellation);
            tally.Try(answer.StatusCode is HttpStatusCode.OK or HttpStatusCode.Redirect, $"{pages[turn % pages.Length]}: {(int)answer.StatusCode}");
        });
}
