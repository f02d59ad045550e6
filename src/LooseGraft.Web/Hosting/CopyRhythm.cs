using LooseGraft.Data.Copies;
using Microsoft.Data.Sqlite;

namespace LooseGraft.Web.Hosting;

/// <summary>Copies the bench once a day while it is used.</summary>
internal sealed partial class CopyRhythm(BenchCopies copies, IConfiguration configuration, TimeProvider clock, ILogger<CopyRhythm> log) : BackgroundService
{
    /// <summary>The configuration key, and environment variable; "none" leaves copying to the builder.</summary>
    public const string SettingKey = "COPIES";

    private static readonly TimeSpan Look = TimeSpan.FromMinutes(10);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (configuration[SettingKey] == "none") return;
        using var pulse = new PeriodicTimer(Look, clock);
        try
        {
            do await LookAsync(stoppingToken);
            while (await pulse.WaitForNextTickAsync(stoppingToken));
        }
        catch (OperationCanceledException) when (stoppingToken.IsCancellationRequested)
        {
            // The bench is closed.
        }
    }

    private async Task LookAsync(CancellationToken cancellation)
    {
        try
        {
            if (copies.IsDue()) await copies.MakeAsync("of the day", cancellation);
        }
        catch (Exception exception) when (exception is SqliteException or IOException or UnauthorizedAccessException)
        {
            // The bench goes on; the next look tries again.
            TellFailed(log, exception);
        }
    }

    [LoggerMessage(LogLevel.Error, "The bench could not be copied")]
    private static partial void TellFailed(ILogger log, Exception exception);
}
