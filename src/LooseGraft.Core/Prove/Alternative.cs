using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>How a fact might be instead.</summary>
/// <param name="Words">How, in words.</param>
/// <param name="Graft">The graft with it so.</param>
internal sealed record Alternative(string Words, Graft Graft);
