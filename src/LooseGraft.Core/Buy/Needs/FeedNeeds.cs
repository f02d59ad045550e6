using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>What brings power to sockets that no plug of their own serves.</summary>
internal static class FeedNeeds
{
    public static IEnumerable<(Ware Ware, NeedAsk Ask)> Of(Graft graft, FeedReview feed)
        => from served in feed.Plugs.Served(graft)
           where served.Plug is null
           let port = served.Port
           let words = $"{port.Port.Name} of {port.Part.Name}"
           let ware = served.Adapter is { } adapter ? Ware.Usual(adapter.Adapter) : new Ware(WareKind.Other) { Word = $"plug for {words}" }
           select (ware, new NeedAsk(Stage.Feed, new PortSubject(new PortId(port.Part.Id, port.Port.Id)), words, 1));
}
