using LooseGraft.Data;
using Microsoft.AspNetCore.Mvc.Rendering;
using Microsoft.AspNetCore.Mvc.ViewFeatures;
using Microsoft.AspNetCore.Razor.TagHelpers;

namespace LooseGraft.Web.Forms;

/// <summary>Gives every form that is posted its token against forgery and, on the page of a graft, the revision that the page shows.</summary>
[HtmlTargetElement("form", Attributes = "[method=post]")]
public sealed class PostFormTagHelper(IHtmlGenerator generator) : TagHelper
{
    [ViewContext]
    [HtmlAttributeNotBound]
    public ViewContext ViewContext { get; set; } = null!;

    /// <summary>Says which state of a graft the page being made shows.</summary>
    public static void Show(HttpContext context, GraftSnapshot snapshot) => context.Items[typeof(PostFormTagHelper)] = snapshot;

    public override void Process(TagHelperContext context, TagHelperOutput output)
    {
        if (ViewContext.HttpContext.Items[typeof(PostFormTagHelper)] is GraftSnapshot snapshot)
            output.PostContent.AppendHtml($"<input type=\"hidden\" name=\"Revision\" value=\"{snapshot.Revision}\">");
        output.PostContent.AppendHtml(generator.GenerateAntiforgery(ViewContext));
    }
}
