using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Feed;

/// <summary>A plug that nothing takes.</summary>
/// <param name="Supply">Id of its supply.</param>
/// <param name="Name">Written string/plug.</param>
/// <param name="Type">The kind of connector.</param>
public sealed record FreePlug(string Supply, string Name, ConnectorType Type);
