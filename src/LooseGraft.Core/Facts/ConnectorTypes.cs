namespace LooseGraft.Core.Facts;

/// <summary>The connectors the product knows.</summary>
public static class ConnectorTypes
{
    /// <summary>All of them, in the order a reader would look for them.</summary>
    public static IReadOnlyList<ConnectorType> All { get; } = FactFile.Load<IReadOnlyList<ConnectorType>>("connectors.json");

    private static readonly Dictionary<string, ConnectorType> ById = All.ToDictionary(type => type.Id);

    /// <summary>The connector of that id; null when there is none.</summary>
    public static ConnectorType? Find(string id) => ById.GetValueOrDefault(id);
}
