using System.Text.Encodings.Web;
using Microsoft.AspNetCore.Razor.TagHelpers;

namespace LooseGraft.Web.Words;

/// <summary>A word with its plain meaning on hover, focus and touch: <c>&lt;gloss&gt;pitch&lt;/gloss&gt;</c>.</summary>
[HtmlTargetElement("gloss")]
public sealed class GlossTagHelper(HtmlEncoder encoder) : TagHelper
{
    /// <summary>The word to explain, where it is not the text itself.</summary>
    public string? Word { get; set; }

    public override async Task ProcessAsync(TagHelperContext context, TagHelperOutput output)
    {
        var text = (await output.GetChildContentAsync()).GetContent();
        output.TagName = "span";
        if (Glossary.Of((Word ?? text).Trim().ToLowerInvariant()) is not { } meaning) return;
        output.Attributes.SetAttribute("class", "gloss");
        output.Attributes.SetAttribute("tabindex", "0");
        output.Attributes.SetAttribute("role", "note");
        output.Content.SetHtmlContent($"{text}<span class=\"gloss-text\">{encoder.Encode(meaning)}</span>");
    }
}
