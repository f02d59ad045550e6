using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>A string of a supply as it is typed.</summary>
public sealed record SupplyLeadForm
{
    public string? LeadName { get; init; }

    public string? Awg { get; init; }

    public string? Wires { get; init; }

    public string? LeadMm { get; init; }

    public string? Connector { get; init; }

    public string? Count { get; init; }

    /// <summary>The string, without an id yet; null, with an error under <c>plugs</c>, when it will not do.</summary>
    public SupplyLead? Read(ModelStateDictionary errors)
    {
        var length = string.IsNullOrWhiteSpace(LeadMm) ? null : errors.NotNegative("plugs", LeadMm, "the length", "mm");
        var (gauge, each) = (errors.OptionalCount("plugs", Awg, "gauge") ?? WireGauge.Usual, errors.OptionalCount("plugs", Wires, "wires") ?? 1);
        var plugs = errors.OptionalCount("plugs", Count, "plugs") ?? 1;
        if (LeadName.Trimmed() is { } name && ConnectorTypes.Find(Connector ?? "") is { } type && gauge is >= 10 and <= 30 && plugs <= 32 && each <= 16)
        {
            return new SupplyLead("", name)
            {
                Awg = gauge,
                WiresEach = each,
                Length = length is { } millimetres ? new Millimetres(millimetres) : null,
                Plugs = [.. Enumerable.Range(1, plugs).Select(number => new SupplyPlug($"plug-{number}", type))],
            };
        }

        if (errors.IsValid) errors.AddModelError("plugs", "Give the lead a name, a gauge from 10 to 30 AWG, 1 to 16 wires each, and 1 to 32 plugs.");
        return null;
    }
}
