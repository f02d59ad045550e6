using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Where a load hangs: on a plug of its supply, on a port of another part, or, with neither, on the supply itself.</summary>
/// <param name="Plug">The plug, written string/plug.</param>
/// <param name="Port">The port that feeds it on.</param>
public readonly record struct LoadPlace(string? Plug, PortId? Port);
