using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>A joint as decided, with the contacts that it brings together.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="Meetings">Which positions meet, by pushing on or by a wire.</param>
public sealed record MadeJoint(Joint Joint, IEnumerable<Conductor> Meetings);
