using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc.Rendering;
using Microsoft.AspNetCore.Mvc.ViewFeatures;
using Microsoft.AspNetCore.Razor.TagHelpers;

namespace LooseGraft.Web.Forms;

/// <summary>Gives every form that is posted its token against forgery and, where what is changed has revisions, the one that the page shows.</summary>
[HtmlTargetElement("form", Attributes = "[method=post]")]
public sealed class PostFormTagHelper(IHtmlGenerator generator) : TagHelper
{
    private static readonly object TokenKey = new();

    [ViewContext]
    [HtmlAttributeNotBound]
    public ViewContext ViewContext { get; set; } = null!;

    /// <summary>Says which revision of a graft, or of the bin, the page being made shows.</summary>
    public static void Show(HttpContext context, int revision) => context.Items[typeof(PostFormTagHelper)] = revision;

    public override void Process(TagHelperContext context, TagHelperOutput output)
    {
        if (ViewContext.HttpContext.Items[typeof(PostFormTagHelper)] is int revision)
            output.PostContent.AppendHtml($"<input type=\"hidden\" name=\"Revision\" value=\"{revision}\">");
        output.PostContent.AppendHtml(Token());
    }

    // Sealing one takes longer than the rest of a form; all forms of a page have the same.
    private IHtmlContent Token()
    {
        var items = ViewContext.HttpContext.Items;
        if (items[TokenKey] is IHtmlContent known) return known;
        var token = generator.GenerateAntiforgery(ViewContext).Written();
        items[TokenKey] = token;
        return token;
    }
}
