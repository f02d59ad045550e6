using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>A draw from a supply as it is typed.</summary>
public sealed record DrawForm
{
    public string? Part { get; init; }

    public string? Rail { get; init; }

    public string? Low { get; init; }

    public string? Likely { get; init; }

    public string? High { get; init; }

    public Evidence Evidence { get; init; }

    /// <summary>The edit that adds it; null, with errors, when it will not do.</summary>
    public AddDraw? Read(ModelStateDictionary errors, Graft graft, Supply supply)
    {
        var currents = errors.Currents(Low, Likely, High);
        if (graft.FindPart(Part ?? "") is not { } fed) errors.AddModelError("part", "Choose the part that draws the current.");
        else if (Signal.Parse(Rail ?? "") is not { Family: SignalFamily.Supply } output)
            errors.AddModelError("rail", $"“{Rail}” is not a rail. Type one such as +12 V.");
        else if (graft.Loads.Any(load => load.Part == fed.Id && load.Draws.Any(draw => draw.Rail == output.Name)))
            errors.AddModelError("rail", $"{fed.Name} already draws from {output}; change that row instead.");
        else if (currents is { } amps) return new AddDraw(fed.Id, graft.Supplies.Length > 1 ? supply.Id : null, output.Name, amps, Evidence);
        return null;
    }
}
