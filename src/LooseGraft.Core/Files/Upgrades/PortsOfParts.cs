using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>The ports of the parts of a document of version 2, looked up once however many plugs ask: there may be thousands of each.</summary>
/// <remarks>Frozen.</remarks>
internal sealed class PortsOfParts(JsonElement document)
{
    private readonly ILookup<string, JsonElement> _parts = OldJson.Items(document, "parts").Where(part => OldJson.Text(part, "id") is not null)
        .ToLookup(part => OldJson.Text(part, "id")!);

    private readonly Dictionary<string, Dictionary<string, OfKind>> _known = [];

    /// <summary>The ports of one kind of connector on the parts of one id; null where there are none.</summary>
    public OfKind? Of(string part, string kind)
    {
        if (!_known.TryGetValue(part, out var kinds))
        {
            kinds = _parts[part].SelectMany(each => OldJson.Items(each, "ports")).Where(port => OldJson.Text(port, "connector") is not null)
                .GroupBy(port => OldJson.Text(port, "connector")!).ToDictionary(same => same.Key, same => new OfKind(same));
            _known.Add(part, kinds);
        }

        return kinds.GetValueOrDefault(kind);
    }

    /// <summary>Ports of one part and one kind.</summary>
    public sealed class OfKind(IEnumerable<JsonElement> ports)
    {
        private readonly ILookup<string?, JsonElement> _byName = ports.ToLookup(port => OldJson.Text(port, "id"));

        /// <summary>Whether a port has this name.</summary>
        public bool Has(string name) => _byName.Contains(name);

        /// <summary>The name of a port, as it stands in the document.</summary>
        public JsonElement Named(string name) => _byName[name].First().GetProperty("id");

        /// <summary>The one port whose name is none of these; null where there are more, or none, or one without a name.</summary>
        public JsonElement? OnlyOneBeside(IReadOnlySet<string> names)
        {
            if (_byName.Count != names.Count + 1) return null;
            var left = _byName.Single(same => same.Key is null || !names.Contains(same.Key));
            return left.Key is not null && left.Count() == 1 ? left.First().GetProperty("id") : null;
        }
    }
}
