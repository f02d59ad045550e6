using LooseGraft.Core;
using LooseGraft.Core.Files;

namespace LooseGraft.Trial.Attacks;

/// <summary>Graft files that something has gnawed at are read or refused in words, and what is read can be judged, written and read again.</summary>
internal sealed record MutatedFiles() : Attack("Mutated graft files, read and judged", 20_000, 100)
{
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(2);

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        var files = Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json").Select(File.ReadAllBytes).ToArray();
        var read = 0;
        foreach (var file in files) Review.Of(GraftFile.Read(file).Graft!);
        await Parallel.ForAsync(0, tally.Planned, cancellation, (attempt, _) =>
        {
            var random = new Random(attempt);
            var bytes = Absurd.Mutated(files[random.Next(files.Length)], random);
            var began = TimeProvider.System.GetTimestamp();
            try
            {
                var result = GraftFile.Read(bytes);
                if (result.Graft is { } graft)
                {
                    Interlocked.Increment(ref read);
                    var judged = Review.Of(graft).Graft;
                    if (GraftFile.Read(GraftFile.Write(judged)).Graft != graft) tally.Fail($"mutation {attempt} reads back as another graft");
                }
                else if (result.Errors.IsEmpty)
                {
                    tally.Fail($"mutation {attempt} is refused without a word");
                }
            }
            catch (Exception exception)
            {
                tally.Fail($"mutation {attempt}: {exception}");
            }

            tally.Took(began, Longest, $"mutation {attempt}");
            tally.Tried();
            return ValueTask.CompletedTask;
        });
        tally.Note = $"{read} read and judged, the others refused; slowest {tally.Slowest:0.0} s";
    }
}
