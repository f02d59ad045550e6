namespace LooseGraft.Trial.Attacks;

/// <summary>Pictures that something has gnawed at are kept or refused in words.</summary>
internal sealed record MutatedPhotos() : Attack("Mutated photographs", 600, 12)
{
    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        await using var process = await StartedProcess.DemosAsync(root);
        using var visitor = new Visitor(process.Address);
        var (random, kept) = (new Random(), 0);
        byte[][] photos = [.. Pictures.Formats.Select(format => Pictures.Made(300, 200, format))];
        var revision = await visitor.RevisionAsync(4, cancellation);
        while (tally.Tries < tally.Planned)
        {
            var photo = Absurd.Mutated(photos[random.Next(photos.Length)], random);
            using var answer = await visitor.SendAsync($"{LargePhotos.Page}?handler=Add", [("Revision", $"{revision}")], cancellation, ("file", photo));
            if ((int)answer.StatusCode < 400) (kept, revision) = (kept + 1, await visitor.RevisionAsync(4, cancellation));
            tally.Try((int)answer.StatusCode < 500, $"{(int)answer.StatusCode}");
        }

        tally.Note = $"{kept} kept, the others refused";
    }
}
