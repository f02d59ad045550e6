using Microsoft.AspNetCore.Razor.TagHelpers;

namespace LooseGraft.Web.Words;

/// <summary>The shape of a verdict: <c>&lt;shape of="stop" /&gt;</c>, with its word for those who do not see it.</summary>
[HtmlTargetElement("shape", TagStructure = TagStructure.WithoutEndTag)]
public sealed class ShapeTagHelper : TagHelper
{
    /// <summary>stop, fix, check, note or fine.</summary>
    public string Of { get; set; } = "";

    /// <summary>Whether the word stands beside it anyway.</summary>
    public bool Silent { get; set; }

    public override void Process(TagHelperContext context, TagHelperOutput output)
    {
        output.TagName = "svg";
        output.TagMode = TagMode.StartTagAndEndTag;
        output.Attributes.SetAttribute("class", $"shape is-{Of}");
        if (Silent)
        {
            output.Attributes.SetAttribute("aria-hidden", "true");
        }
        else
        {
            output.Attributes.SetAttribute("role", "img");
            output.Attributes.SetAttribute("aria-label", Of);
        }

        output.Content.SetHtmlContent($"<use href=\"#shape-{Of}\"/>");
    }
}
