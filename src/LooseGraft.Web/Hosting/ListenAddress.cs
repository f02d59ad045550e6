using System.Diagnostics.CodeAnalysis;
using System.Globalization;
using System.Net;

namespace LooseGraft.Web.Hosting;

/// <summary>Where the application listens: on this machine alone, unless told otherwise and given a passphrase.</summary>
public static partial class ListenAddress
{
    /// <summary>The configuration key, and environment variable, of the passphrase.</summary>
    public const string PassphraseKey = "PASSPHRASE";

    /// <summary>Fewer characters than this are no passphrase.</summary>
    public const int ShortestPassphrase = 12;

    private const int FewestLetters = 5;
    private const int UsualPort = 5280;

    /// <summary>Applies PORT and BIND from the environment.</summary>
    /// <param name="builder">The application to be.</param>
    /// <param name="address">Where it will listen.</param>
    /// <param name="refusal">Why it will not start so, and what to do.</param>
    /// <returns>Whether it may start.</returns>
    public static bool TryApply(WebApplicationBuilder builder, out IPEndPoint address, [NotNullWhen(false)] out string? refusal)
    {
        var configuration = builder.Configuration;
        refusal = Check(configuration["PORT"], configuration["BIND"], configuration[PassphraseKey], out var host, out var port);
        address = new IPEndPoint(host, port);
        if (refusal is not null) return false;
        if (IPAddress.IsLoopback(host))
            configuration["AllowedHosts"] = "localhost;127.0.0.1;[::1]";
        if (!LineCertificate.TryLoad(configuration, out var certificate, out refusal)) return false;
        builder.WebHost.ConfigureKestrel(kestrel => kestrel.Listen(host, port, listen =>
        {
            if (certificate is not null) listen.UseHttps(certificate);
        }));
        return true;
    }

    /// <summary>The port that <see cref="TryApply"/> listens on.</summary>
    internal static int PortOf(IConfiguration configuration)
        => int.TryParse(configuration["PORT"], CultureInfo.InvariantCulture, out var port) ? port : UsualPort;

    /// <summary>Whether others can read what goes over the line.</summary>
    internal static bool IsOpenLine(IPEndPoint address, IConfiguration configuration)
        => !IPAddress.IsLoopback(address.Address) && string.IsNullOrEmpty(configuration[LineCertificate.FileKey]);

    [LoggerMessage(LogLevel.Warning, "The line to {Address} is not encrypted: others on the network can read what is sent, the passphrase too. CERTIFICATE=file makes it so.")]
    internal static partial void TellOpenLine(ILogger log, IPEndPoint address);

    private static bool IsGood(string passphrase) => passphrase.Length >= ShortestPassphrase && passphrase.Distinct().Count() >= FewestLetters;

    /// <summary>Checks the settings.</summary>
    /// <returns>Why they will not do; null when they will.</returns>
    internal static string? Check(string? portText, string? bind, string? passphrase, out IPAddress address, out int port)
    {
        (address, port) = (IPAddress.Loopback, UsualPort);
        if (!string.IsNullOrEmpty(portText)
            && (!int.TryParse(portText, NumberStyles.None, CultureInfo.InvariantCulture, out port) || port is < 1 or > 65535))
        {
            return $"PORT is \"{portText}\"; it must be a number from 1 to 65535.";
        }

        if (!string.IsNullOrEmpty(passphrase) && !IsGood(passphrase))
            return $"{PassphraseKey} has to have at least {ShortestPassphrase} characters, {FewestLetters} of them different. Four words and a number will do.";
        if (string.IsNullOrEmpty(bind)) return null;
        if (!IPAddress.TryParse(bind, out var parsed))
            return $"BIND is \"{bind}\"; it must be an address of this machine such as 127.0.0.1 or 0.0.0.0.";
        address = parsed;
        return IPAddress.IsLoopback(parsed) || !string.IsNullOrEmpty(passphrase)
            ? null
            : $"Listening on {bind} would open the bench to others on the network. Set a passphrase of at least {ShortestPassphrase} characters first, "
                + $"for example: {PassphraseKey}='four words and a number 7' BIND={bind} ./start";
    }
}
