namespace LooseGraft.Trial.Attacks;

/// <summary>The application ends at a random moment of its first start, and the next start finds what it left.</summary>
internal sealed record KilledStarts() : Attack("Killed during its first start, started again", 100, 1)
{
    private static readonly TimeSpan StartTakes = TimeSpan.FromSeconds(4);

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        var random = new Random();
        while (tally.Tries < tally.Planned)
        {
            var folder = Directory.CreateDirectory(Path.Combine(root, $"{tally.Tries}")).FullName;
            await using (var killed = new StartedProcess(folder, StartedProcess.FreePort(), ("DEMO", "")))
            {
                await Task.Delay(StartTakes * random.NextDouble(), cancellation);
            }

            await using var process = await StartedProcess.DemosAsync(folder);
            using var visitor = new Visitor(process.Address);
            var tags = (await visitor.PageAsync("/", cancellation)).QuerySelectorAll(".shelf-tag").Length;
            tally.Try(tags == Writers.Grafts, $"{tags} grafts on the shelf");
        }
    }
}
