namespace LooseGraft.Data;

/// <summary>A graft on the compost, which can be put back.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Name">Its name.</param>
/// <param name="ThrownAwayAt">When it was thrown away.</param>
public sealed record ThrownGraft(int Id, string Name, DateTimeOffset ThrownAwayAt);
