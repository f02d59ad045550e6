using LooseGraft.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Diagnostics.HealthChecks;

namespace LooseGraft.Web.Hosting;

/// <summary>The bench is well when its database answers.</summary>
public sealed class BenchHealth(BenchContext bench) : IHealthCheck
{
    public async Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default)
    {
        try
        {
            await bench.Grafts.AnyAsync(cancellationToken);
            return HealthCheckResult.Healthy();
        }
        catch (Exception exception) when (exception is System.Data.Common.DbException or IOException)
        {
            return HealthCheckResult.Unhealthy("The database does not answer.", exception);
        }
    }
}
