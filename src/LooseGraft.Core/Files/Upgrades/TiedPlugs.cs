using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>Which port each plug of a supply of version 2 must be: the one of its name and kind, or the one that is left of a kind of which one plug is
/// left.</summary>
/// <remarks>Frozen.</remarks>
internal sealed class TiedPlugs
{
    private readonly Dictionary<string, Tie> _byKind = [];

    public TiedPlugs(JsonElement supply, PortsOfParts ports)
    {
        if (OldJson.Text(supply, "part") is not { } part) return;
        var plugs = OldJson.Items(supply, "strings").SelectMany(lead => OldJson.Items(lead, "plugs"))
            .Where(plug => OldJson.Text(plug, "connector") is not null);
        foreach (var same in plugs.GroupBy(plug => OldJson.Text(plug, "connector")!))
        {
            if (ports.Of(part, same.Key) is not { } ofKind) continue;
            var names = same.Select(plug => OldJson.Text(plug, "id")).OfType<string>().CountBy(name => name).ToArray();
            var tied = names.Where(name => name.Value == 1 && ofKind.Has(name.Key)).Select(name => name.Key).ToHashSet();
            var left = names.Where(name => !tied.Contains(name.Key)).ToArray();
            _byKind.Add(same.Key, new Tie(ofKind, tied, left is [{ Value: 1 } only] ? only.Key : null, ofKind.OnlyOneBeside(tied)));
        }
    }

    /// <summary>The port, as its name stands in the document; null where it may be either of two.</summary>
    public JsonElement? PortOf(JsonElement plug)
        => OldJson.Text(plug, "connector") is { } kind && OldJson.Text(plug, "id") is { } name && _byKind.TryGetValue(kind, out var tie)
            ? tie.Tied.Contains(name) ? tie.Ports.Named(name) : name == tie.PlugLeft ? tie.PortLeft : null
            : null;

    private sealed record Tie(PortsOfParts.OfKind Ports, IReadOnlySet<string> Tied, string? PlugLeft, JsonElement? PortLeft);
}
