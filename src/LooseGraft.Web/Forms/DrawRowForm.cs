using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>A draw in its row, as it is typed: in watts where the part holds its power, otherwise in amperes.</summary>
public sealed record DrawRowForm
{
    public string? Load { get; init; }

    public string? Rail { get; init; }

    public string? Socket { get; init; }

    public string? Low { get; init; }

    public string? Likely { get; init; }

    public string? High { get; init; }

    public Evidence Evidence { get; init; }

    public string? Place { get; init; }

    /// <summary>The edit that sets it; null, with errors, when the figures will not do or the draw is not there.</summary>
    public SetDraw? Read(ModelStateDictionary errors, Graft graft, LoadCase loadCase)
    {
        var (load, rail, socket) = (Load ?? "", Rail ?? "", string.IsNullOrEmpty(Socket) ? null : Socket);
        if (graft.FindDraw(load, rail, socket) is not { } draw)
        {
            errors.AddModelError("load", "This draw is not there any more.");
            return null;
        }

        var volts = draw.HoldsPower ? Signal.Parse(draw.Rail)?.SupplyVoltage : null;
        return errors.Currents(Low, Likely, High, volts) is { } currents
            ? new SetDraw(load, rail, socket, loadCase, currents, Evidence, Place is null ? null : LoadPlace.Parse(Place)) : null;
    }
}
