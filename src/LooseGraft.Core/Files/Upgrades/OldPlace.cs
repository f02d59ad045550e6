using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>A place in a document of an older version at which, or below which, the next version gives names a meaning. All others are copied as they
/// stand.</summary>
internal sealed class OldPlace(string path)
{
    private readonly Dictionary<string, OldPlace> _within = [];
    private string[] _added = [];

    /// <summary>The names of the members on the way, such as <c>parts/ports</c>; empty for the document.</summary>
    public string Path => path;

    /// <summary>The document, with every place on the way to those where names are added.</summary>
    public static OldPlace Root(IReadOnlyDictionary<string, string[]> added)
    {
        var root = new OldPlace("");
        foreach (var (place, names) in added) root.At(place)._added = names;
        return root;
    }

    /// <summary>The place of a member; null where nothing below it is touched.</summary>
    public OldPlace? Within(string member) => _within.GetValueOrDefault(member);

    /// <summary>The other names of members that the older version did not know and the newer one does.</summary>
    public IReadOnlyDictionary<string, string> Free(JsonElement element, int version)
    {
        var free = new Dictionary<string, string>();
        foreach (var name in _added.Where(name => element.TryGetProperty(name, out _)))
        {
            free[name] = $"{name}-of-version-{version}";
            while (element.TryGetProperty(free[name], out _)) free[name] += "-";
        }

        return free;
    }

    private OldPlace At(string place)
    {
        var at = this;
        foreach (var member in place.Split('/', StringSplitOptions.RemoveEmptyEntries))
        {
            var below = at.Path.Length == 0 ? member : $"{at.Path}/{member}";
            if (!at._within.TryGetValue(member, out var next)) at._within.Add(member, next = new OldPlace(below));
            at = next;
        }

        return at;
    }
}
