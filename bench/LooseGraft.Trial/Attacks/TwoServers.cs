using System.Collections.Concurrent;
using System.Net;

namespace LooseGraft.Trial.Attacks;

/// <summary>Two applications are started on one folder at once, and builders of both save in one graft: of two that save upon one revision, one is
/// told.</summary>
internal sealed record TwoServers() : Attack("Two applications on one folder, eight builders of one graft", 2000, 40)
{
    private const int Builders = 8;
    private const int Graft = 4;

    // On a machine that does much else at once.
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(30);

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        var processes = await Task.WhenAll(StartedProcess.DemosAsync(root), StartedProcess.DemosAsync(root));
        await using var first = processes[0];
        await using var second = processes[1];
        var (byRevision, number) = (new ConcurrentDictionary<int, int>(), 0);
        var many = new ParallelOptions { MaxDegreeOfParallelism = Builders, CancellationToken = cancellation };
        await Parallel.ForEachAsync(Enumerable.Range(0, Builders), many, async (builder, _) =>
        {
            using var visitor = new Visitor(processes[builder % 2].Address);
            while (tally.Tries < tally.Planned)
            {
                var began = TimeProvider.System.GetTimestamp();
                var (revision, mine) = (await visitor.RevisionAsync(Graft, cancellation), Interlocked.Increment(ref number));
                using var answer = await visitor.AimAsync(Graft, revision, mine, cancellation);
                tally.Took(began, Longest, $"a page and its save upon revision {revision}");
                tally.Try(
                    answer.StatusCode switch
                    {
                        HttpStatusCode.Redirect => byRevision.TryAdd(revision + 1, mine),
                        HttpStatusCode.Conflict => true,
                        _ => false,
                    },
                    $"upon revision {revision}: {(int)answer.StatusCode}, saved before: {byRevision.ContainsKey(revision + 1)}");
            }
        });
        var (last, saved) = byRevision.MaxBy(pair => pair.Key);
        foreach (var process in processes)
        {
            using var visitor = new Visitor(process.Address);
            if ((await visitor.RevisionAsync(Graft, cancellation), await visitor.AimedAsync(Graft, cancellation)) != (last, saved))
                tally.Fail($"what was saved last, {saved} as revision {last}, does not stand");
        }

        if (SoundFile.Fault(root) is { } fault) tally.Fail(fault);
        tally.Note = $"{byRevision.Count} saved, {tally.Tries - byRevision.Count} told of a conflict; slowest page and save {tally.Slowest:0.0} s";
    }
}
