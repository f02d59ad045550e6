using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Of what wires a lead of a supply is made, as it is typed.</summary>
public sealed record LeadWiresForm
{
    public string? Lead { get; init; }

    public string? Awg { get; init; }

    public string? Wires { get; init; }

    public string? LeadMm { get; init; }

    /// <summary>The rails it hangs on, one for each voltage that has several.</summary>
    public string[] On { get; init; } = [];

    /// <summary>Rails that have another number of wires: <c>+5 V 4, ground 7</c>.</summary>
    public string? Few { get; init; }

    /// <summary>Whether its plugs part in two; empty when nobody looked.</summary>
    public bool? Parts { get; init; }

    /// <summary>How <see cref="Few"/> is written.</summary>
    public static string Text(SupplyLead lead) => string.Join(", ", lead.RailWires.Select(few => $"{few.Rail} {few.Wires}"));

    /// <summary>The edit; null, with an error under <c>plugs</c>, when something will not do.</summary>
    public DescribeLead? Read(ModelStateDictionary errors, Supply supply)
    {
        var length = errors.OptionalAbove0("plugs", LeadMm, "the length", "mm");
        var (gauge, each) = (errors.OptionalGauge("plugs", Awg), errors.OptionalCount("plugs", Wires, "wires") ?? 1);
        var few = (Few ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Select(text => Read(supply, text)).ToArray();
        if (errors.IsValid && gauge is null) errors.AddModelError("plugs", "Type the gauge of its wires, such as 18.");
        if (errors.IsValid && each is < 1 or > 16) errors.AddModelError("plugs", "A lead has 1 to 16 wires side by side.");
        if (errors.IsValid && few.Contains(null))
            errors.AddModelError("plugs", $"“{Few}” does not say which rail has how many wires. Type it such as +5 V 4, ground 7, with rails of this supply.");
        if (errors.IsValid && few.Distinct().Count() < few.Length) errors.AddModelError("plugs", "Name each rail once.");
        return errors.IsValid
            ? new DescribeLead(supply.Id, Lead ?? "", gauge!.Value, length is { } millimetres ? new Millimetres(millimetres) : null, each,
                [.. On.Where(rail => rail.Length > 0)], [.. few.OfType<RailWires>()], Parts)
            : null;
    }

    private static RailWires? Read(Supply supply, string text)
    {
        var at = text.LastIndexOf(' ');
        if (at < 0 || !int.TryParse(text.AsSpan(at + 1), out var wires) || wires is < 1 or > 16) return null;
        var name = supply.Rails.Select(rail => rail.Name).Append(RailWires.Ground).FirstOrDefault(name => SupplyLabel.IsSame(name, text[..at]));
        return name is null ? null : new RailWires(name, wires);
    }
}
