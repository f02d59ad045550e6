namespace LooseGraft.Trial.Attacks;

/// <summary>The files as they lie at a random moment while four builders save, as when the power goes, are a sound bench with every edit that was
/// acknowledged before.</summary>
internal sealed record StoppedFiles() : Attack("Files copied at a random moment while four builders save", 400, 10)
{
    private const int LongestMs = 60;

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        var bench = Directory.CreateDirectory(Path.Combine(root, "bench")).FullName;
        await using var process = await StartedProcess.DemosAsync(bench);
        using var writers = new Writers(process.Address, cancellation);
        await writers.BeginAsync(cancellation);
        var random = new Random();
        while (tally.Tries < tally.Planned)
        {
            await Task.Delay(random.Next(LongestMs), cancellation);
            var before = writers.Acknowledged;
            var copy = Directory.CreateDirectory(Path.Combine(root, $"{tally.Tries}")).FullName;
            process.Halt(true);
            foreach (var file in Directory.GetFiles(bench, "bench.db*").Where(file => !file.EndsWith("-shm", StringComparison.Ordinal)))
                File.Copy(file, Path.Combine(copy, Path.GetFileName(file)));
            process.Halt(false);
            var fault = SoundFile.Fault(copy);
            var stands = SoundFile.Aimed(copy);
            var lost = before.Where(graft => stands.GetValueOrDefault(graft.Key) < graft.Value).ToArray();
            var words = lost.Select(graft => $"graft {graft.Key} had {graft.Value}, has {stands.GetValueOrDefault(graft.Key)}");
            tally.Try(fault is null && lost.Length == 0, string.Join("; ", words.Append(fault)));
            Directory.Delete(copy, recursive: true);
        }

        await writers.EndAsync();
        foreach (var refused in writers.Refused) tally.Fail(refused);
        tally.Note = $"{writers.Saved} edits acknowledged meanwhile";
    }
}
