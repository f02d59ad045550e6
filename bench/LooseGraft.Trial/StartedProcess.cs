using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Sockets;

namespace LooseGraft.Trial;

/// <summary>The application as a process of its own, with its own server and exit code.</summary>
public sealed class StartedProcess : IAsyncDisposable
{
    // A start that shares a slow machine with others takes its minute; what never comes is a fault all the same.
    private static readonly TimeSpan Patience = TimeSpan.FromMinutes(4);

    // What it shows is waited for, and memory is kept as ./start has it kept.
    private static readonly (string, string)[] OfDemos =
        [("DEMO", ""), ("COPIES", "none"), ("PATIENCE", "60"), ("MALLOC_ARENA_MAX", "1"), ("MALLOC_MMAP_THRESHOLD_", "1048576")];

    private readonly Process _process;
    private readonly Task<string> _errors;
    private readonly Task<string> _log;

    /// <param name="folder">Where its bench is kept.</param>
    /// <param name="port">Where it listens, on this machine only.</param>
    /// <param name="settings">Of its environment.</param>
    public StartedProcess(string folder, int port, params (string Key, string Value)[] settings)
        : this([], folder, port, settings)
    {
    }

    /// <param name="within">A command that runs it, in place of itself.</param>
    /// <param name="folder">Where its bench is kept.</param>
    /// <param name="port">Where it listens, on this machine only.</param>
    /// <param name="settings">Of its environment.</param>
    public StartedProcess(string[] within, string folder, int port, params (string Key, string Value)[] settings)
    {
        // A program that was compiled beforehand starts in a third of the time.
        var program = Environment.GetEnvironmentVariable("SERVER") ?? Path.Combine(AppContext.BaseDirectory, "LooseGraft.Web.dll");
        string[] command = [.. within, "dotnet", program];
        var start = new ProcessStartInfo(command[0], command[1..])
        {
            WorkingDirectory = Path.GetDirectoryName(program),
            RedirectStandardOutput = true,
            RedirectStandardError = true,
            Environment = { ["PORT"] = $"{port}", ["DATA"] = folder, ["DEMO"] = "none" },
        };
        foreach (var (key, value) in settings) start.Environment[key] = value;
        Address = new Uri($"http://127.0.0.1:{port}");
        _process = Process.Start(start)!;
        (_errors, _log) = (_process.StandardError.ReadToEndAsync(), _process.StandardOutput.ReadToEndAsync());
    }

    public Uri Address { get; }

    public int Id => _process.Id;

    /// <summary>Memory of its own: what the system cannot take back and read again from the program's files.</summary>
    public int MegabytesOfItsOwn
        => File.ReadLines($"/proc/{Id}/status").Select(line => line.Split(':')).Where(pair => pair[0] is "RssAnon" or "RssShmem")
            .Sum(pair => int.Parse(pair[1].Replace("kB", "", StringComparison.Ordinal), CultureInfo.InvariantCulture)) / 1024;

    /// <summary>A port that nobody listens on.</summary>
    public static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    /// <summary>What it said, and its exit code, once it has ended by itself.</summary>
    public async Task<(int Code, string Errors, string Log)> EndAsync()
    {
        using var patience = new CancellationTokenSource(Patience);
        await _process.WaitForExitAsync(patience.Token);
        return (_process.ExitCode, await _errors, await _log);
    }

    /// <summary>A started bench with the demo grafts, once it answers.</summary>
    public static async Task<StartedProcess> DemosAsync(string folder, params (string Key, string Value)[] settings)
    {
        var process = new StartedProcess(folder, FreePort(), [.. OfDemos, .. settings]);
        using var browser = new HttpClient();
        await process.UntilHealthyAsync(browser);
        return process;
    }

    /// <summary>Stops it where it stands, as a machine that loses its power does, or lets it go on.</summary>
    public void Halt(bool isHalted)
    {
        using var sent = Process.Start("kill", [isHalted ? "-STOP" : "-CONT", $"{Id}"]);
        sent.WaitForExit();
        if (sent.ExitCode != 0) throw new InvalidOperationException("The process cannot be halted here.");
    }

    /// <summary>Ends it without a word, and waits until it has gone.</summary>
    public async Task KillAsync()
    {
        if (!_process.HasExited) _process.Kill();
        await _process.WaitForExitAsync();
    }

    /// <summary>Waits until it answers.</summary>
    public async Task UntilHealthyAsync(HttpClient browser, string scheme = "http")
    {
        using var patience = new CancellationTokenSource(Patience);
        using var pulse = new PeriodicTimer(TimeSpan.FromMilliseconds(50));
        while (await pulse.WaitForNextTickAsync(patience.Token))
        {
            try
            {
                if ((await browser.GetAsync(new Uri($"{scheme}://127.0.0.1:{Address.Port}/health"), patience.Token)).IsSuccessStatusCode) return;
            }
            catch (HttpRequestException)
            {
                // Not listening yet.
            }
        }
    }

    public async ValueTask DisposeAsync()
    {
        await KillAsync();
        _process.Dispose();
    }
}
