using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>Where one more part could be fed: the supplies themselves, their free plugs, and free outlets, slots and ports of boards.</summary>
public static class FreePlaces
{
    /// <summary>The places, each with its name: those of one supply first, the supply itself before all.</summary>
    public static IEnumerable<(LoadPlace Place, string Name)> Of(Graft graft, FeedReview feed, Supply first)
        => graft.Supplies.OrderByDescending(supply => supply.Id == first.Id).SelectMany(supply => Of(graft, feed, supply, supply.Id == first.Id));

    private static IEnumerable<(LoadPlace Place, string Name)> Of(Graft graft, FeedReview feed, Supply supply, bool isFirst)
    {
        var name = graft.NameOf(supply.Part);
        yield return (new LoadPlace(new MeantWay(supply.Id)), $"{name} itself");
        foreach (var rail in supply.Rails.Where(rail => supply.Rails.Any(other => other != rail && other.Output == rail.Output)))
            yield return (new LoadPlace(new MeantWay(supply.Id) { Rail = rail.Name }), $"{rail.Name} of {name} itself");
        foreach (var plug in feed.Plugs.Free.Where(plug => plug.Supply == supply.Id))
            yield return (new LoadPlace(new MeantWay(supply.Id) { Plug = plug.Name }), $"{plug.In(graft)}, {plug.Type.Name}{(isFirst ? "" : $", of {name}")}");
        var joined = graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff).SelectMany(joint => new[] { joint.From, joint.To }).ToHashSet();
        var fed = feed.Flows.All.Where(flow => flow.Supply.Id == supply.Id && flow.Feeds is null).Select(flow => flow.Consumer).ToHashSet();
        foreach (var board in graft.Parts.Where(part => part.Kind == PartKind.Board && fed.Contains(part.Id)))
        {
            foreach (var port in board.Ports.Where(port => GivesOn(port) && !joined.Contains(new PortId(board.Id, port.Id))))
                yield return (new LoadPlace(new MeantWay(supply.Id) { Through = new PortId(board.Id, port.Id) }), $"{port.Name} of {board.Name}");
        }
    }

    // What carries a supply and is no socket by which the board itself is fed.
    private static bool GivesOn(Port port)
        => !(port.Type.Housing is Housing.Power or Housing.Barrel && port.Gender == port.Type.BoardGender)
            && port.Pins.Any(pin => pin.Contact == ContactState.Wired && pin.Signal.Value is { SupplyVoltage.Value: > 0 });
}
