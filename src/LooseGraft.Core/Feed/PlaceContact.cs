using LooseGraft.Core.Circuit;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>A contact, or the wire behind it, with the current that passes it.</summary>
/// <param name="Contact">The contact; null where several stand side by side and none of them is described.</param>
/// <param name="Rail">The rail that it carries, or <c>ground</c>.</param>
/// <param name="Count">How many it stands for.</param>
/// <param name="Current">What passes it, all that it stands for together, if contacts of one kind resist alike.</param>
public sealed record PlaceContact(CircuitContact? Contact, string Rail, int Count, Spread<Amps> Current);
