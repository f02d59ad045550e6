using System.Diagnostics.CodeAnalysis;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;

namespace LooseGraft.Web.Hosting;

/// <summary>The certificate by which the line to the browser is encrypted.</summary>
internal static class LineCertificate
{
    /// <summary>The configuration key, and environment variable, of its file: PKCS 12, or PEM with its key in the same file.</summary>
    public const string FileKey = "CERTIFICATE";

    /// <summary>The configuration key, and environment variable, of the password of a PKCS 12 file.</summary>
    public const string PasswordKey = "CERTIFICATE_PASSWORD";

    /// <summary>Reads the certificate.</summary>
    /// <param name="configuration">The settings.</param>
    /// <param name="certificate">The certificate; null where none is named.</param>
    /// <param name="refusal">Why it will not do, and what to do.</param>
    /// <returns>Whether there is one, or none is wanted.</returns>
    public static bool TryLoad(IConfiguration configuration, out X509Certificate2? certificate, [NotNullWhen(false)] out string? refusal)
    {
        (certificate, refusal) = (null, null);
        if (configuration[FileKey] is not { Length: > 0 } file) return true;
        try
        {
            certificate = Path.GetExtension(file).ToLowerInvariant() is ".pfx" or ".p12"
                ? X509CertificateLoader.LoadPkcs12FromFile(file, configuration[PasswordKey])
                : X509Certificate2.CreateFromPemFile(file);
        }
        catch (Exception exception) when (exception is CryptographicException or IOException or UnauthorizedAccessException or ArgumentException)
        {
            refusal = $"{FileKey} names {file}, which cannot be read as a certificate with its key. A file that ends in .pfx or .p12 is read with "
                + $"{PasswordKey}; any other has to hold certificate and key as PEM.";
        }

        return refusal is null;
    }
}
