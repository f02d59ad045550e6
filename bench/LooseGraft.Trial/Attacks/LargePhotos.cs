namespace LooseGraft.Trial.Attacks;

/// <summary>Eight photographs of 49 megapixels come in at once.</summary>
internal sealed record LargePhotos() : Attack("Eight photographs of 49 megapixels at once, again and again", 40, 1)
{
    public const string Page = "/graft/4/photos/kt31";

    private const int AtOnce = 8;
    private const int Side = 7000;
    private const int MostMegabytes = 300;

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        await using var process = await StartedProcess.DemosAsync(root);
        byte[][] photos = [.. Pictures.Formats.Take(tally.Planned).Select(format => Pictures.Made(Side, Side, format))];
        using var over = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        var most = MostAsync(process, over.Token);
        while (tally.Tries < tally.Planned)
        {
            await Task.WhenAll(Enumerable.Range(0, Math.Min(AtOnce, tally.Planned)).Select(async turn =>
            {
                using var visitor = new Visitor(process.Address);
                (string, string)[] upon = [("Revision", $"{await visitor.RevisionAsync(4, cancellation)}")];
                using var answer = await visitor.SendAsync($"{Page}?handler=Add", upon, cancellation, ("file", photos[turn % photos.Length]));
                tally.Try((int)answer.StatusCode < 500, $"{(int)answer.StatusCode}");
            }));
        }

        await over.CancelAsync();
        var megabytes = await most;
        if (megabytes > MostMegabytes) tally.Fail($"memory rose to {megabytes} MB");
        tally.Note = $"at most {megabytes} MB of memory of its own";
    }

    private static async Task<int> MostAsync(StartedProcess process, CancellationToken cancellation)
    {
        var most = 0;
        try
        {
            for (; ; await Task.Delay(20, cancellation)) most = Math.Max(most, process.MegabytesOfItsOwn);
        }
        catch (OperationCanceledException)
        {
            return most;
        }
    }
}
