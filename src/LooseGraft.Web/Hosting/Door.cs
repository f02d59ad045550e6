using System.Security.Cryptography;
using System.Text;

namespace LooseGraft.Web.Hosting;

/// <summary>The passphrase that keeps strangers out when the bench is opened to a network.</summary>
public static class Door
{
    /// <summary>Name of the limit on how often a passphrase may be tried.</summary>
    public const string RateLimit = "door";

    public static bool IsLocked(IConfiguration configuration) => !string.IsNullOrEmpty(configuration[ListenAddress.PassphraseKey]);

    /// <summary>Whether the passphrase is right; takes the same time whichever letter is wrong.</summary>
    public static bool Opens(IConfiguration configuration, string? tried)
        => CryptographicOperations.FixedTimeEquals(Hash(tried ?? ""), Hash(configuration[ListenAddress.PassphraseKey] ?? ""));

    private static byte[] Hash(string text) => SHA256.HashData(Encoding.UTF8.GetBytes(text));
}
