using System.Diagnostics;
using System.Net;
using System.Net.Sockets;

namespace LooseGraft.Browser.Tests;

/// <summary>The application as a user starts it: a process of its own, with a port and a data folder.</summary>
public sealed class RunningBench : IAsyncLifetime
{
    private readonly DirectoryInfo _data = Directory.CreateTempSubdirectory("loose-graft-");
    private Process? _process;

    public Uri Address { get; } = new($"http://127.0.0.1:{FreePort()}");

    public HttpClient Http => new() { BaseAddress = Address };

    public async ValueTask InitializeAsync()
    {
        var web = Path.Combine(ProjectRoot(), "src", "LooseGraft.Web");
        // The same configuration as these tests were built in.
        var configuration = new DirectoryInfo(AppContext.BaseDirectory).Parent!.Name;
        var start = new ProcessStartInfo("dotnet", Path.Combine(web, "bin", configuration, "net10.0", "LooseGraft.Web.dll"))
        {
            WorkingDirectory = web,
            RedirectStandardOutput = true,
            Environment = { ["PORT"] = $"{Address.Port}", ["DATA"] = _data.FullName, ["PATIENCE"] = "60" },
        };
        _process = Process.Start(start)!;
        _process.OutputDataReceived += (_, _) => { };
        _process.BeginOutputReadLine();
        await UntilHealthyAsync();
    }

    /// <summary>Stops the application and starts it again on the same data.</summary>
    public async Task RestartAsync()
    {
        await StopAsync();
        await InitializeAsync();
    }

    public async ValueTask DisposeAsync()
    {
        await StopAsync();
        _data.Delete(recursive: true);
    }

    public static string ProjectRoot()
    {
        var folder = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(folder, "LooseGraft.slnx"))) folder = Path.GetDirectoryName(folder)!;
        return folder;
    }

    private async Task StopAsync()
    {
        _process!.Kill(entireProcessTree: true);
        await _process.WaitForExitAsync();
        _process.Dispose();
    }

    private async Task UntilHealthyAsync()
    {
        using var patience = new CancellationTokenSource(TimeSpan.FromMinutes(2));
        using var pulse = new PeriodicTimer(TimeSpan.FromMilliseconds(100));
        using var http = Http;
        while (await pulse.WaitForNextTickAsync(patience.Token))
        {
            try
            {
                if ((await http.GetAsync("/health", patience.Token)).IsSuccessStatusCode) return;
            }
            catch (HttpRequestException)
            {
                // Not listening yet.
            }
        }
    }

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
