using System.Collections.Concurrent;
using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Instruments;

/// <summary>Which addresses are asked for measurements: those of private networks and of this machine, others only where they are named, and the bench itself
/// never.</summary>
/// <param name="named">Hosts that may be asked though they are not private.</param>
/// <param name="ownPort">The port the bench listens on.</param>
public sealed class MeterReach(IReadOnlySet<string> named, int ownPort)
{
    /// <summary>The configuration key, and environment variable, that names hosts beyond private networks, with commas between them.</summary>
    public const string NamesKey = "METERS";

    private readonly ConcurrentDictionary<string, SemaphoreSlim> _turns = new(StringComparer.OrdinalIgnoreCase);

    /// <summary>As the settings say.</summary>
    public static MeterReach Of(IConfiguration configuration)
        => new((configuration[NamesKey] ?? "").Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
            .ToHashSet(StringComparer.OrdinalIgnoreCase), ListenAddress.PortOf(configuration));

    /// <summary>Waits until nobody else asks at an address; the turn ends when what is returned is disposed of.</summary>
    public async Task<IDisposable> TurnAsync(string host, int port, CancellationToken cancellation)
    {
        var turn = _turns.GetOrAdd($"{host}:{port}", _ => new SemaphoreSlim(1));
        await turn.WaitAsync(cancellation);
        return new Turn(turn);
    }

    /// <summary>The addresses of a host that may be asked; empty where there are none.</summary>
    /// <exception cref="SocketException">The host is not known.</exception>
    public async Task<IPAddress[]> FindAsync(string host, int port, CancellationToken cancellation)
    {
        var addresses = IPAddress.TryParse(host, out var typed) ? [typed] : await Dns.GetHostAddressesAsync(host, cancellation);
        return [.. addresses.Where(address => (named.Contains(host) || IsPrivate(address)) && !(port == ownPort && IsOwn(address)))];
    }

    // RFC 1918, 3927, 4193, 4291.
    internal static bool IsPrivate(IPAddress address)
    {
        if (address.IsIPv4MappedToIPv6) address = address.MapToIPv4();
        if (IPAddress.IsLoopback(address)) return true;
        if (address.AddressFamily == AddressFamily.InterNetworkV6) return address.IsIPv6LinkLocal || address.IsIPv6UniqueLocal;
        return address.GetAddressBytes() is [10, ..] or [172, >= 16 and <= 31, ..] or [192, 168, ..] or [169, 254, ..];
    }

    private static bool IsOwn(IPAddress address)
    {
        if (address.IsIPv4MappedToIPv6) address = address.MapToIPv4();
        return IPAddress.IsLoopback(address) || address.Equals(IPAddress.Any) || address.Equals(IPAddress.IPv6Any)
            || NetworkInterface.GetAllNetworkInterfaces().SelectMany(card => card.GetIPProperties().UnicastAddresses)
                .Any(own => own.Address.GetAddressBytes().AsSpan().SequenceEqual(address.GetAddressBytes()));
    }

    private sealed class Turn(SemaphoreSlim turn) : IDisposable
    {
        public void Dispose() => turn.Release();
    }
}
