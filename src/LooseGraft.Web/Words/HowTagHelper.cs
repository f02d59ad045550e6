using Microsoft.AspNetCore.Razor.TagHelpers;

namespace LooseGraft.Web.Words;

/// <summary>How something is done, told to each builder once and folded away from then on: <c>&lt;how key="survey"&gt;…&lt;/how&gt;</c>.</summary>
/// <remarks>What keeps hands or boards whole is never told in it, since that stands there every time.</remarks>
[HtmlTargetElement("how")]
public sealed class HowTagHelper : TagHelper
{
    /// <summary>What it is about; the same wherever the same is told.</summary>
    public string Key { get; set; } = "";

    public override async Task ProcessAsync(TagHelperContext context, TagHelperOutput output)
    {
        var text = (await output.GetChildContentAsync()).GetContent();
        output.TagName = "details";
        output.Attributes.SetAttribute("class", "how");
        output.Attributes.SetAttribute("data-how", Key);
        output.Attributes.SetAttribute("open", "open");
        output.Content.SetHtmlContent($"<summary>How it is done</summary><p class=\"hint\">{text}</p>");
    }
}
