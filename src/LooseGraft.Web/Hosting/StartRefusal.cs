using System.Net;
using System.Net.Sockets;
using LooseGraft.Data;
using Microsoft.AspNetCore.Connections;

namespace LooseGraft.Web.Hosting;

/// <summary>Why the application does not start, in one plain sentence or two for whoever started it.</summary>
internal static class StartRefusal
{
    /// <summary>What an exception of the start says; null where it is nothing that whoever started it could mend.</summary>
    public static string? Of(Exception exception, IPEndPoint address) => exception switch
    {
        BenchStartException bench => bench.Message,
        _ when Chain(exception).OfType<AddressInUseException>().Any()
            => $"Port {address.Port} of {address.Address} is taken, perhaps by another Loose Graft. Stop that one, or set PORT to another number; nothing was changed.",
        _ when Chain(exception).OfType<SocketException>().FirstOrDefault() is { } socket => socket.SocketErrorCode switch
        {
            SocketError.AccessDenied => $"Port {address.Port} may not be opened by this user. Set PORT to a number from 1024 to 65535.",
            SocketError.AddressNotAvailable => $"BIND is {address.Address}, which is no address of this machine. 127.0.0.1 is this machine alone.",
            _ => null,
        },
        _ => null,
    };

    /// <summary>Whether a fault of the start is told in words, so that the log need not hold its trace.</summary>
    public static bool IsTold(Exception? exception) => exception is not null && Of(exception, new IPEndPoint(IPAddress.Loopback, 0)) is not null;

    private static IEnumerable<Exception> Chain(Exception? exception)
    {
        for (var at = exception; at is not null; at = at.InnerException) yield return at;
    }
}
