using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What the builder types about what a port bears.</summary>
public sealed class PortLimitForm
{
    public string? Amps { get; set; }

    public string? Watts { get; set; }

    public Evidence Evidence { get; set; }

    public string? Note { get; set; }

    /// <summary>What it bears; null when no figure is typed, or, with errors, when one will not do.</summary>
    public PortLimit? Read(ModelStateDictionary errors)
    {
        var amps = errors.OptionalAbove0("amps", Amps, "what each rail bears", "A");
        var watts = errors.OptionalAbove0("watts", Watts, "what all rails bear together", "W");
        return amps is null && watts is null ? null
            : new PortLimit(amps is { } each ? new Amps(each) : null, watts is { } all ? new Watts(all) : null, Evidence) { Note = Note.Trimmed() };
    }
}
