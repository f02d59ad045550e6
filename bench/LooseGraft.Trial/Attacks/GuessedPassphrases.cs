using System.Net;

namespace LooseGraft.Trial.Attacks;

/// <summary>Passphrases are guessed from one address: nobody comes in, nobody else is kept out, and what was typed is not logged.</summary>
internal sealed record GuessedPassphrases() : Attack("Passphrases guessed from one address, twenty at once", 400, 20)
{
    private const string Passphrase = "four words and a 7";
    private const string Guess = "guess-number";
    private const int AtOnce = 20;

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        var process = await StartedProcess.DemosAsync(root, ("PASSPHRASE", Passphrase), ("BIND", "127.0.0.1"));
        await using var disposed = process;
        var many = new ParallelOptions { MaxDegreeOfParallelism = AtOnce, CancellationToken = cancellation };
        await Parallel.ForAsync(0, tally.Planned, many, async (attempt, _) =>
        {
            using var guesser = new Visitor(process.Address);
            using var answer = await EnterAsync(guesser, $"{Guess}-{attempt}", cancellation);
            var isOut = (await guesser.GetAsync("/bin", cancellation)).StatusCode == HttpStatusCode.Redirect;
            tally.Try(answer.StatusCode == HttpStatusCode.Unauthorized && isOut, $"{(int)answer.StatusCode}, kept out: {isOut}");
        });
        using (var builder = new Visitor(process.Address, IPAddress.Parse("127.0.0.2")))
        using (var answer = await EnterAsync(builder, Passphrase, cancellation))
        {
            var isIn = (await builder.GetAsync("/bin", cancellation)).StatusCode == HttpStatusCode.OK;
            if (answer.StatusCode != HttpStatusCode.Redirect || !isIn) tally.Fail($"somebody else was kept out: {(int)answer.StatusCode}");
        }

        await process.KillAsync();
        var (_, errors, log) = await process.EndAsync();
        if ((log + errors).Contains(Guess, StringComparison.Ordinal)) tally.Fail("what was typed is in the log");
        var heard = log.Split('\n').Count(line => line.Contains("passphrase", StringComparison.OrdinalIgnoreCase));
        if (heard == 0) tally.Fail("no try is in the log");
        tally.Note = $"{heard} were heard and logged, the others came too soon";
    }

    private static Task<HttpResponseMessage> EnterAsync(Visitor visitor, string passphrase, CancellationToken cancellation)
        => visitor.SendAsync("/enter", [("passphrase", passphrase)], cancellation);
}
