using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
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

    /// <summary>For a minute or more, where that is more: one figure.</summary>
    public string? Minute { get; init; }

    /// <summary>Whether the figures are watts.</summary>
    public bool InWatts { get; init; }

    /// <summary>The socket it enters by, part/port; empty for any.</summary>
    public string? By { get; init; }

    public Evidence Evidence { get; init; }

    /// <summary>The edit that adds it; null, with errors, when it will not do.</summary>
    public AddDraw? Read(ModelStateDictionary errors, Graft graft, Supply supply)
    {
        if (graft.FindPart(Part ?? "") is not { } fed) errors.AddModelError("part", "Choose the part that draws the current.");
        else if (Signal.Parse(Rail ?? "") is not { Family: SignalFamily.Supply, SupplyVoltage: { } volts } output)
            errors.AddModelError("rail", $"“{Rail}” is not a rail. Type one such as +12 V.");
        else if (PortId.Parse(By ?? "") is var by && !string.IsNullOrEmpty(By) && by?.Part != fed.Id)
            errors.AddModelError("rail", $"That socket is not one of {fed.Name}. Choose one of its own, or any.");
        else if (graft.Loads.Any(load => load.Part == fed.Id && load.Draws.Any(draw => draw.Rail == output.Name && draw.Socket == by?.Port)))
            errors.AddModelError("rail", $"{fed.Name} already draws from {output}{(by is null ? "" : " there")}; change that row instead.");
        else if (errors.Currents(Low, Likely, High, InWatts ? volts : null) is { } amps && Peak(errors, amps, InWatts ? Math.Abs(volts.Value) : 1) is { } peak)
        {
            return new AddDraw(fed.Id, graft.Supplies.Length > 1 ? supply.Id : null,
                new Draw(output.Name, amps, amps, peak, Evidence) { Socket = by?.Port, HoldsPower = InWatts });
        }

        return null;
    }

    private Spread<Amps>? Peak(ModelStateDictionary errors, Spread<Amps> amps, double each)
    {
        if (string.IsNullOrWhiteSpace(Minute)) return amps;
        if (errors.NotNegative("rail", Minute, "what it takes for a minute", InWatts ? "W" : "A") is not { } figure) return null;
        if (figure / each >= amps.Likely.Value) return Spread<Amps>.Exactly(new Amps(figure / each));
        errors.AddModelError("rail", $"For a minute {Minute} is less than the likely {Likely} all the time. Put the larger figure last.");
        return null;
    }
}
