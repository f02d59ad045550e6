using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>A plate that there is, as it is typed.</summary>
public static class PlateForm
{
    /// <summary>Its cut-outs, a line each.</summary>
    public static readonly SeatList<PlanRectangle> Cuts = new("cuts", "from its left edge; from its lower edge; width; height, seen from outside", "12; 6; 15; 7",
        GraftFileLimits.Openings,
        line => new PlanRectangle(line.Length("from the left"), line.Length("from below"), line.Length("width", 0.1), line.Length("height", 0.1)),
        cut => FormattableString.Invariant($"{cut.X}; {cut.Y}; {cut.Width}; {cut.Depth}"));

    /// <summary>Reads it; null where nothing was typed. What will not do is said at its field.</summary>
    public static PlateSheet? Read(ModelStateDictionary errors, string? width, string? height, string? cuts)
        => width.Trimmed() is null && height.Trimmed() is null && cuts.Trimmed() is null ? null
            : new PlateSheet(errors.Size("plateWidth", width), errors.Size("plateHeight", height), Cuts.ReadAll(errors, cuts));
}
