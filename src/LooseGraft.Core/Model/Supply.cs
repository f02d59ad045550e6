using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>What one supply, brick or converter can give.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Part">Id of the part that is the supply.</param>
public sealed record Supply(string Id, string Part)
{
    /// <summary>Its outputs.</summary>
    public ValueList<Rail> Rails { get; init; } = [];

    /// <summary>Limits that several rails share.</summary>
    public ValueList<CombinedLimit> Combined { get; init; } = [];

    /// <summary>The most it may give in all; null when nobody said.</summary>
    public TotalLimit? Total { get; init; }

    /// <summary>What is meant to feed it inside the graft where no joint does; null for what hangs on the wall.</summary>
    public MeantInput? Meant { get; init; }

    /// <summary>How much of what it takes it gives on; null when nobody looked.</summary>
    public EfficiencyClass? Class { get; init; }

    /// <summary>Its age in years; null when not known.</summary>
    public double? AgeYears { get; init; }

    /// <summary>Whether it sits where it gets hot: little air, or another's exhaust.</summary>
    public bool RunsHot { get; init; }

    /// <summary>Its leads with their plugs.</summary>
    public ValueList<SupplyLead> Leads { get; init; } = [];

    /// <summary>The rails that come out of a lead, one of each voltage.</summary>
    public IEnumerable<Rail> RailsOn(SupplyLead lead) => Rails.GroupBy(rail => rail.Output.Name).Select(same => RailOn(lead, same.ToArray()));

    /// <summary>The rail of a lead, of several that give one voltage: the one that is said; otherwise the second for a processor's plug and the first for
    /// any other, as ATX12V supplies (design guide 2.x, +12V2DC) are made.</summary>
    public static Rail RailOn(SupplyLead lead, IReadOnlyList<Rail> alike)
        => alike.FirstOrDefault(rail => lead.Rails.Contains(rail.Name)) ?? alike[alike.Count > 1 && lead.Plugs.Any(plug => plug.Type.OnSecondRail) ? 1 : 0];

    /// <summary>Whether several rails may feed a lead at one voltage, and nobody said which does.</summary>
    public bool IsOpen(SupplyLead lead, Signal output)
        => Rails.Where(rail => rail.Output == output).ToArray() is { Length: > 1 } alike && !alike.Any(rail => lead.Rails.Contains(rail.Name));

    /// <summary>The lead and the place on it of a plug that is written string/plug; null when there is none.</summary>
    public (SupplyLead Lead, int At)? FindPlug(string name)
    {
        var slash = name.IndexOf('/');
        if (slash < 0) return null;
        var of = name.AsSpan(0, slash);
        var plug = name.AsSpan(slash + 1);
        foreach (var lead in Leads)
        {
            if (!of.SequenceEqual(lead.Id)) continue;
            for (var at = 0; at < lead.Plugs.Length; at++)
            {
                if (plug.SequenceEqual(lead.Plugs[at].Id)) return (lead, at);
            }
        }

        return null;
    }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
