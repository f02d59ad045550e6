using Microsoft.AspNetCore.Mvc.Rendering;
using Microsoft.AspNetCore.Mvc.ViewFeatures;
using Microsoft.AspNetCore.Razor.TagHelpers;

namespace LooseGraft.Web.Forms;

/// <summary>Gives every form that is posted its token against forgery and, where what is changed has revisions, the one that the page shows.</summary>
[HtmlTargetElement("form", Attributes = "[method=post]")]
public sealed class PostFormTagHelper(IHtmlGenerator generator) : TagHelper
{
    [ViewContext]
    [HtmlAttributeNotBound]
    public ViewContext ViewContext { get; set; } = null!;

    /// <summary>Says which revision of a graft, or of the bin, the page being made shows.</summary>
    public static void Show(HttpContext context, int revision) => context.Items[typeof(PostFormTagHelper)] = revision;

    public override void Process(TagHelperContext context, TagHelperOutput output)
    {
        if (ViewContext.HttpContext.Items[typeof(PostFormTagHelper)] is int revision)
            output.PostContent.AppendHtml($"<input type=\"hidden\" name=\"Revision\" value=\"{revision}\">");
        output.PostContent.AppendHtml(generator.GenerateAntiforgery(ViewContext));
    }
}
