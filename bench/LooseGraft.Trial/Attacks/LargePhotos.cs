using SkiaSharp;

namespace LooseGraft.Trial.Attacks;

/// <summary>Eight photographs of 49 megapixels come in at once.</summary>
internal sealed record LargePhotos() : Attack("Eight photographs of 49 megapixels at once, again and again", 40, 8)
{
    public const string Page = "/graft/4/photos/kt31";

    private const int AtOnce = 8;
    private const int Side = 7000;
    private const int MostMegabytes = 300;

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        await using var process = await StartedProcess.DemosAsync(root, ("MALLOC_ARENA_MAX", "1"));
        byte[][] photos = [.. new[] { SKEncodedImageFormat.Jpeg, SKEncodedImageFormat.Png, SKEncodedImageFormat.Webp }.Select(format => Pictures.Made(Side, Side, format))];
        using var over = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        var most = MostAsync(process, over.Token);
        while (tally.Tries < tally.Planned)
        {
            await Task.WhenAll(Enumerable.Range(0, AtOnce).Select(async turn =>
            {
                using var visitor = new Visitor(process.Address);
                using var answer = await visitor.SendAsync(
                    $"{Page}?handler=Add", [("Revision", $"{await visitor.RevisionAsync(4, cancellation)}")], cancellation, ("file", photos[turn % photos.Length]));
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
