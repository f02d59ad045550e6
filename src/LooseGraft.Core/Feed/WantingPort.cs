using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>A power socket that nothing serves yet.</summary>
/// <param name="Part">The part it is on.</param>
/// <param name="Port">The socket.</param>
public sealed record WantingPort(Part Part, Port Port);
