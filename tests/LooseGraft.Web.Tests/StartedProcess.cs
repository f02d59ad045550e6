using System.Diagnostics;
using System.Net;
using System.Net.Sockets;

namespace LooseGraft.Web.Tests;

/// <summary>The application as a process of its own, with its own server and exit code.</summary>
internal sealed class StartedProcess : IAsyncDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromMinutes(1);

    private readonly Process _process;
    private readonly Task<string> _errors;
    private readonly Task<string> _log;

    public StartedProcess(string folder, int port, params (string Key, string Value)[] settings)
    {
        var start = new ProcessStartInfo("dotnet", Path.Combine(AppContext.BaseDirectory, "LooseGraft.Web.dll"))
        {
            WorkingDirectory = AppContext.BaseDirectory,
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
        if (!_process.HasExited) _process.Kill();
        await _process.WaitForExitAsync();
        _process.Dispose();
    }
}
