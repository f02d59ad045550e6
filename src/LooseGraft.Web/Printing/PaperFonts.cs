using PdfSharp.Fonts;

namespace LooseGraft.Web.Printing;

/// <summary>The face that ships with the application, for words on paper.</summary>
public sealed class PaperFonts : IFontResolver
{
    /// <summary>Its family name.</summary>
    public const string Family = "Atkinson Hyperlegible";

    private const string Face = "AtkinsonHyperlegible_400Regular.ttf";

    private static readonly Lock Once = new();

    /// <summary>Makes it known to the printing library, which keeps one resolver for the whole process.</summary>
    public static void Use()
    {
        lock (Once) GlobalFontSettings.FontResolver ??= new PaperFonts();
    }

    public FontResolverInfo ResolveTypeface(string familyName, bool bold, bool italic) => new(Face);

    public byte[] GetFont(string faceName) => File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "paper", Face));
}
