using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Network;

/// <summary>One rail of a supply as it stands in the network.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Rail">The rail.</param>
/// <param name="Node">The node it gives its voltage to.</param>
/// <param name="Ground">The node its current comes back to.</param>
internal sealed record FeedOutlet(Supply Supply, Rail Rail, int Node, int Ground);
