using System.Collections.Immutable;
using LooseGraft.Core.Files.Meetings;
using LooseGraft.Core.Model;

namespace LooseGraft.Data;

/// <summary>What was kept of a graft by another window since a change of it was begun.</summary>
/// <param name="Meeting">Whether both can stand.</param>
/// <param name="Yours">The graft as the builder was about to see it.</param>
/// <param name="CameIn">What the other did, in its own words, first things first.</param>
public sealed record Meanwhile(Meeting Meeting, Graft Yours, ImmutableArray<string> CameIn);
