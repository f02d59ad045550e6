using System.Collections.Immutable;

namespace LooseGraft.Core.Wire.Nets;

/// <summary>Contacts that are joined, over joints, leads and switches, in one state of the switches.</summary>
/// <param name="Contacts">The contacts.</param>
internal sealed record Net(ImmutableArray<NetContact> Contacts);
