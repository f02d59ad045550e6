using System.Globalization;

namespace LooseGraft.Web.Instruments;

/// <summary>Where a networked instrument is reached.</summary>
/// <param name="Host">A name or an address.</param>
/// <param name="Port">1 to 65535.</param>
public sealed record MeterAddress(string Host, int Port)
{
    /// <summary>The port usual for raw SCPI sockets.</summary>
    public const int UsualPort = 5025;

    /// <summary>Why an address is not asked, to follow its name.</summary>
    public const string Refused = "it is the bench itself, or belongs to no private network. Hosts beyond are named in METERS when the bench is started.";

    /// <summary>Reads <c>host</c>, <c>host:port</c> or <c>[::1]:port</c>.</summary>
    /// <returns>The address; null when the text is none.</returns>
    public static MeterAddress? Parse(string? text)
    {
        var typed = (text ?? "").Trim();
        var colon = typed.LastIndexOf(':');
        var hasPort = colon > 0 && (typed.IndexOf(':') == colon || typed[colon - 1] == ']');
        var host = (hasPort ? typed[..colon] : typed).Trim('[', ']');
        var port = UsualPort;
        if (hasPort && !int.TryParse(typed[(colon + 1)..], NumberStyles.None, CultureInfo.InvariantCulture, out port)) return null;
        return host.Length is > 0 and <= 253 && port is > 0 and <= 65535 && Uri.CheckHostName(host) != UriHostNameType.Unknown
            ? new MeterAddress(host, port)
            : null;
    }

    public override string ToString() => Host.Contains(':') ? $"[{Host}]:{Port}" : $"{Host}:{Port}";
}
