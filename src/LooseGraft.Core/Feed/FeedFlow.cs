using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>A current that runs from one rail of a supply to one consumer: a part, or another supply that hangs on it.</summary>
/// <param name="Consumer">Id of the part that takes it.</param>
/// <param name="Rail">The rail.</param>
/// <param name="Cases">The current at each load case, in the order of <see cref="LoadCase"/>; never negative.</param>
/// <param name="Evidence">Where the figures come from.</param>
/// <param name="Plug">The plug it comes in by, written string/plug, its own or that of the part that feeds it on; null when nobody said.</param>
/// <param name="Through">The port of another part that feeds it on; null when it hangs on the supply itself.</param>
/// <param name="Subject">The fact it follows from.</param>
/// <param name="Feeds">The supply that it feeds; null for a part.</param>
public sealed record FeedFlow(
    string Consumer, string Rail, ImmutableArray<Spread<Amps>> Cases, Evidence Evidence, string? Plug, PortId? Through, Subject Subject, Supply? Feeds)
{
    /// <summary>The current at one load case.</summary>
    public Spread<Amps> At(LoadCase loadCase) => Cases[(int)loadCase];
}
