namespace LooseGraft.Core.Facts;

/// <summary>A connector that boards usually carry, to be put among the lines of a stock by one act.</summary>
/// <param name="Id">Unique among them.</param>
/// <param name="Name">As a builder says it.</param>
/// <param name="Line">Its line, as docs/lines.md tells. One of a public standard has its usual contacts, as assumed; of one of a maker's own nothing is
/// assumed.</param>
public sealed record UsualPort(string Id, string Name, string Line)
{
    /// <summary>All of them (connectors.json; shapes of makers' own boards are common practice), in the order a reader would look for them.</summary>
    public static IReadOnlyList<UsualPort> All { get; } = FactFile.Load<IReadOnlyList<UsualPort>>("usual-ports.json");

    /// <summary>The one of that id; null when there is none.</summary>
    public static UsualPort? Find(string? id) => All.FirstOrDefault(port => port.Id == id);
}
