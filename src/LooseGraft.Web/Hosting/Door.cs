using System.Net;
using System.Net.Sockets;
using System.Security.Claims;
using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.Extensions.Caching.Memory;

namespace LooseGraft.Web.Hosting;

/// <summary>The passphrase that keeps strangers out when the bench is opened to a network.</summary>
public sealed class Door : IDisposable
{
    private const string StampClaim = "door";
    private const int StampRounds = 100_000;
    private const int MostAddresses = 10_000;

    /// <summary>The longest wait after a wrong try.</summary>
    public static readonly TimeSpan LongestWait = TimeSpan.FromMinutes(15);

    /// <summary>An address from which nothing came for so long begins anew.</summary>
    public static readonly TimeSpan Forgotten = TimeSpan.FromHours(1);

    private readonly byte[] _passphrase;
    private readonly Lazy<string> _stamp;
    private readonly TimeProvider _clock;
    private readonly MemoryCache _tries = new(new MemoryCacheOptions { SizeLimit = MostAddresses });

    public Door(IConfiguration configuration, TimeProvider clock)
    {
        var passphrase = configuration[ListenAddress.PassphraseKey] ?? "";
        (_passphrase, _clock) = (Hash(passphrase), clock);
        _stamp = new(() => Convert.ToHexString(Rfc2898DeriveBytes.Pbkdf2(passphrase, "loose-graft-door"u8, StampRounds, HashAlgorithmName.SHA256, 32)));
    }

    public static bool IsLocked(IConfiguration configuration) => !string.IsNullOrEmpty(configuration[ListenAddress.PassphraseKey]);

    /// <summary>Who has come in by this passphrase.</summary>
    public ClaimsPrincipal Builder()
        => new(new ClaimsIdentity(
            [new Claim(ClaimTypes.Name, "builder"), new Claim(StampClaim, _stamp.Value)], CookieAuthenticationDefaults.AuthenticationScheme));

    /// <summary>Whether somebody came in by the passphrase that holds now, and not by one before it.</summary>
    public bool Knows(ClaimsPrincipal? builder) => builder?.FindFirst(StampClaim)?.Value == _stamp.Value;

    /// <summary>Hears a try from an address, unless one that was wrong came from there too shortly before. After each wrong one the wait is twice as long, and
    /// nobody else's.</summary>
    public DoorAnswer Try(IPAddress? address, string? passphrase)
    {
        var (key, now) = (Key(address), _clock.GetUtcNow());
        // One after another: of many that are sent at once only the first is heard.
        lock (_tries)
        {
            var before = _tries.Get<Tries>(key);
            if (before is not null && before.Until > now) return new DoorAnswer(false, false, before.Count, before.Until - now);
            // The comparison takes the same time whichever letter is wrong.
            if (CryptographicOperations.FixedTimeEquals(Hash(passphrase ?? ""), _passphrase))
            {
                _tries.Remove(key);
                return new DoorAnswer(true, true, 0, TimeSpan.Zero);
            }

            var count = before is null || now - before.Until >= Forgotten ? 1 : before.Count + 1;
            var wait = TimeSpan.FromSeconds(Math.Min(LongestWait.TotalSeconds, Math.Pow(2, count - 1)));
            _tries.Set(key, new Tries(count, now + wait), new MemoryCacheEntryOptions { Size = 1, SlidingExpiration = Forgotten + LongestWait });
            return new DoorAnswer(false, true, count, wait);
        }
    }

    public void Dispose() => _tries.Dispose();

    // Whoever has one address of the newer sort has all that begin with the same 64 bits.
    private static string Key(IPAddress? address)
    {
        if (address is { IsIPv4MappedToIPv6: true }) address = address.MapToIPv4();
        return address is { AddressFamily: AddressFamily.InterNetworkV6 } ? Convert.ToHexString(address.GetAddressBytes(), 0, 8) : $"{address}";
    }

    private static byte[] Hash(string text) => SHA256.HashData(Encoding.UTF8.GetBytes(text));

    private sealed record Tries(int Count, DateTimeOffset Until);
}
