using System.Globalization;

namespace LooseGraft.Trial;

/// <summary>Tries to harm the bench and prints what came of it.</summary>
internal static class Program
{
    private static async Task<int> Main(string[] args)
    {
        // "short" tries each less often; any other words choose attacks by a piece of their names.
        using var over = new CancellationTokenSource();
        Console.CancelKeyPress += (_, pressed) =>
        {
            pressed.Cancel = true;
            over.Cancel();
        };
        var isShort = args.Contains("short");
        var chosen = args.Where(word => word != "short").ToArray();
        var failed = 0;
        var rows = new List<string>();
        foreach (var attack in AttackList.All)
        {
            if (chosen.Length > 0 && !chosen.Any(word => attack.Name.Contains(word, StringComparison.OrdinalIgnoreCase))) continue;
            Console.Error.WriteLine(attack.Name);
            var began = TimeProvider.System.GetTimestamp();
            var tally = await attack.RunAsync(isShort, tries => Console.Error.WriteLine($"  {tries}"), over.Token);
            failed += tally.Failures.Count;
            foreach (var failure in tally.Failures.Take(20)) Console.Error.WriteLine($"  FAILED: {failure}");
            var seconds = TimeProvider.System.GetElapsedTime(began).TotalSeconds.ToString("0", CultureInfo.InvariantCulture);
            rows.Add($"| {attack.Name} | {tally.Tries.ToString("#,0", CultureInfo.InvariantCulture)} | {tally.Failures.Count} | {tally.Note} | {seconds} s |");
        }

        Console.WriteLine("| attack | tries | failures | measured | took |\n| --- | --- | --- | --- | --- |");
        rows.ForEach(Console.WriteLine);
        return failed == 0 ? 0 : 1;
    }
}
