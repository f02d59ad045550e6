using System.Text.Encodings.Web;
using Microsoft.AspNetCore.Html;

namespace LooseGraft.Web.Forms;

internal static class WrittenHtml
{
    /// <summary>Content as it is written now, to be written again.</summary>
    public static HtmlString Written(this IHtmlContent content)
    {
        using var text = new StringWriter();
        content.WriteTo(text, HtmlEncoder.Default);
        return new HtmlString(text.ToString());
    }
}
