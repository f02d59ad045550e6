using System.Diagnostics;
using System.Net;

namespace LooseGraft.Trial.Attacks;

/// <summary>The disk fills while the bench is open, and is full when it starts: it says so, keeps what it had, and goes on when there is room again.</summary>
internal sealed record FullDisk() : Attack("Edits and starts on a full disk", 200, 10)
{
    // A mount that only the process sees. What lies beside it is copied in, and the rest is filled if asked for.
    private const string Mount = """
        mount -t tmpfs -o size=24m none "$0" && cp -a "$1/." "$0" || exit
        if [ "$2" = full ]; then cat /dev/zero >"$0/filler" 2>/dev/null || true; fi
        shift 2
        exec "$@"
        """;

    private const int StartsOnFull = 2;

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        var (mounted, empty, seed) = (Under(root, "mounted"), Under(root, "empty"), Under(root, "seed"));
        if (!CanMount(mounted))
        {
            tally.Note = "not tried: this system lets nobody make a small disk";
            return;
        }

        await using (var process = Started(mounted, empty, ""))
        {
            using var visitor = new Visitor(process.Address);
            using (var browser = new HttpClient()) await process.UntilHealthyAsync(browser);
            await EditAsync(tally, process, visitor, $"/proc/{process.Id}/root{mounted}", cancellation);
            var lies = $"/proc/{process.Id}/root{mounted}";
            foreach (var folder in Directory.GetDirectories(lies)) Directory.CreateDirectory(Path.Combine(seed, Path.GetFileName(folder)));
            foreach (var file in Directory.GetFiles(lies, "*", SearchOption.AllDirectories))
                File.Copy(file, Path.Combine(seed, Path.GetRelativePath(lies, file)));
        }

        await StartAsync(tally, mounted, empty, cancellation);
        await StartAsync(tally, mounted, seed, cancellation);
    }

    private static async Task EditAsync(Tally tally, StartedProcess process, Visitor visitor, string seen, CancellationToken cancellation)
    {
        var (revision, saved, number, refused) = (await visitor.RevisionAsync(1, cancellation), 0, 0, 0);
        while (tally.Tries < tally.Planned - StartsOnFull)
        {
            // Full for the middle half.
            var part = (tally.Planned - StartsOnFull) / 4;
            if (tally.Tries == part) Fill(Path.Combine(seen, "filler"));
            if (tally.Tries == 3 * part) File.Delete(Path.Combine(seen, "filler"));
            var isFull = File.Exists(Path.Combine(seen, "filler"));
            using var answer = await visitor.AimAsync(1, revision, ++number, cancellation);
            if (answer.StatusCode == HttpStatusCode.Redirect) (revision, saved) = (revision + 1, number);
            else refused++;
            var isRight = answer.StatusCode == HttpStatusCode.Redirect || (isFull && answer.StatusCode == HttpStatusCode.InsufficientStorage);
            var stands = await visitor.AimedAsync(1, cancellation);
            tally.Try(isRight && stands == saved, $"full {isFull}: {(int)answer.StatusCode}, stands at {stands}, saved was {saved}");
        }

        if (refused == 0) tally.Fail("the disk never was full");
        tally.Note = $"{refused} edits refused in words";
    }

    // Either it opens, and says what is wrong when something is saved, or it ends with a sentence.
    private static async Task StartAsync(Tally tally, string mounted, string from, CancellationToken cancellation)
    {
        await using var process = Started(mounted, from, "full");
        var ended = process.EndAsync();
        using var browser = new HttpClient();
        var opened = process.UntilHealthyAsync(browser);
        if (await Task.WhenAny(ended, opened) == opened)
        {
            using var answer = await browser.GetAsync(process.Address, cancellation);
            tally.Try(answer.StatusCode == HttpStatusCode.OK, $"{from}: {(int)answer.StatusCode}");
            return;
        }

        var (code, errors, log) = await ended;
        var isTold = code == 2 && errors.Contains("no room left", StringComparison.Ordinal) && !log.Contains("Exception", StringComparison.Ordinal);
        tally.Try(isTold, $"{from}: {code} {errors}");
    }

    private static string Under(string root, string name) => Directory.CreateDirectory(Path.Combine(root, name)).FullName;

    private static StartedProcess Started(string mounted, string from, string full)
    {
        string[] within = ["unshare", "-rm", "sh", "-c", Mount, mounted, from, full];
        return new StartedProcess(within, mounted, StartedProcess.FreePort(), ("DEMO", ""), ("COPIES", "none"), ("PATIENCE", "60"));
    }

    private static bool CanMount(string mounted)
    {
        try
        {
            var mount = new ProcessStartInfo("unshare", ["-rm", "mount", "-t", "tmpfs", "none", mounted]) { RedirectStandardError = true };
            using var tried = Process.Start(mount)!;
            tried.WaitForExit();
            return tried.ExitCode == 0;
        }
        catch (System.ComponentModel.Win32Exception)
        {
            return false;
        }
    }

    private static void Fill(string filler)
    {
        try
        {
            using var file = new FileStream(filler, FileMode.Create, FileAccess.Write, FileShare.None, bufferSize: 0);
            for (var block = new byte[1024]; ;) file.Write(block);
        }
        catch (IOException)
        {
            // That is full.
        }
    }
}
