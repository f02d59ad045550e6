namespace LooseGraft.Trial.Attacks;

/// <summary>The application ends while four builders save, and every edit that was acknowledged has to stand when it starts again.</summary>
internal sealed record KilledWrites() : Attack("Killed while four builders save", 100, 1)
{
    private const int LongestMs = 900;

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        var (random, edits, saved) = (new Random(), 0, 0);
        while (tally.Tries < tally.Planned)
        {
            IReadOnlyDictionary<int, int> acknowledged;
            await using (var killed = await StartedProcess.DemosAsync(root))
            {
                using var writers = new Writers(killed.Address, cancellation);
                await writers.BeginAsync(cancellation);
                await Task.Delay(random.Next(LongestMs), cancellation);
                await killed.KillAsync();
                await writers.EndAsync();
                acknowledged = writers.Acknowledged;
                saved += writers.Saved;
                foreach (var refused in writers.Refused) tally.Fail(refused);
            }

            await using var process = await StartedProcess.DemosAsync(root);
            using var visitor = new Visitor(process.Address);
            var lost = new List<string>();
            foreach (var (graft, number) in acknowledged)
            {
                // The one that was under way may stand or not.
                var stands = await visitor.AimedAsync(graft, cancellation);
                if (stands != number && stands != number + 1) lost.Add($"graft {graft} stands at {stands}, acknowledged was {number}");
                edits += 1;
            }

            tally.Try(lost.Count == 0 && SoundFile.Fault(root) is null, string.Join("; ", lost.Append(SoundFile.Fault(root))));
        }

        tally.Note = $"{saved} edits acknowledged, {edits} grafts held against the last of them";
    }
}
