using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>A way by which a current comes, or a part of it.</summary>
/// <param name="Supply">The supply that gives it.</param>
/// <param name="Rail">Its rail.</param>
/// <param name="Share">Which share of the current comes so, above 0 to 1.</param>
/// <param name="Steps">The places that give it on, from the supply on.</param>
public sealed record FeedWay(Supply Supply, Rail Rail, double Share, ImmutableArray<FeedStep> Steps);
