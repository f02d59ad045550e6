using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>A current that one consumer takes: a part, or another supply that hangs on what feeds it.</summary>
/// <param name="Consumer">Id of the part that takes it.</param>
/// <param name="Supply">The supply that mainly gives it.</param>
/// <param name="Rail">Its rail.</param>
/// <param name="Cases">The current at each load case, in the order of <see cref="LoadCase"/>; never negative.</param>
/// <param name="Evidence">Where the figures come from.</param>
/// <param name="Subject">The fact it follows from.</param>
/// <param name="Feeds">The supply that it feeds; null for a part.</param>
/// <param name="Hold">How it hangs on what feeds it.</param>
/// <param name="Found">The ways by which it comes, found when they are asked for.</param>
public sealed record FeedFlow(
    string Consumer, Supply Supply, Rail Rail, ImmutableArray<Spread<Amps>> Cases, Evidence Evidence, Subject Subject, Supply? Feeds, FeedHold Hold,
    Lazy<ImmutableArray<FeedWay>> Found)
{
    /// <summary>The ways by which it comes, that by which most comes first.</summary>
    public ImmutableArray<FeedWay> Ways => Found.Value;

    /// <summary>The places that give it on, from the supply on, where most of it comes from that supply.</summary>
    public ImmutableArray<FeedStep> Way => (Ways.FirstOrDefault(way => way.Supply == Supply && way.Rail == Rail) ?? Ways.FirstOrDefault())?.Steps ?? [];

    /// <summary>Whether it takes the same watts whatever the voltage.</summary>
    public bool HoldsPower { get; init; }

    /// <summary>Whether it waits for the others that do the same before it starts.</summary>
    public bool StartsInTurn { get; init; }

    /// <summary>The same with another current at one load case.</summary>
    internal FeedFlow With(LoadCase loadCase, Spread<Amps> current) => this with { Cases = Cases.SetItem((int)loadCase, current) };

    /// <summary>The current at one load case.</summary>
    public Spread<Amps> At(LoadCase loadCase) => Cases[(int)loadCase];
}
