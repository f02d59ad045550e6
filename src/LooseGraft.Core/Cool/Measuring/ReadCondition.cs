using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Measuring;

/// <summary>How the machine stood when temperatures were read.</summary>
/// <param name="Work">What it was doing.</param>
/// <param name="Room">How warm the room was; null for as the graft has it.</param>
/// <param name="FanShare">The share of their full speed at which its own fans ran; null for as the graft has them.</param>
internal sealed record ReadCondition(HeatCase Work, Celsius? Room, double? FanShare)
{
    /// <summary>That of a reading.</summary>
    public static ReadCondition Of(HeatReading reading) => new(reading.Work, reading.Room, reading.FanShare);

    /// <summary>The scene as it was then.</summary>
    public CoolScene SceneOf(Graft graft, FeedFlows flows)
    {
        var scene = CoolScene.Of(Room is { } room ? graft.WithCooling(cooling => cooling with { Room = Spread<Celsius>.Exactly(room) }) : graft, flows);
        return FanShare is not { } share ? scene : scene with
        {
            Fans = [.. scene.Fans.Select(fan => graft.IsOwnFan(fan.Part) ? fan with { SeenShare = share, Board = null } : fan)],
        };
    }

    /// <summary>What would be read in a state; not a number where nothing is worked out of it.</summary>
    public static double In(CoolScene scene, CoolState state, HeatReading reading)
    {
        if (reading.Part is { } part) return Found(scene.Spots, spot => spot.Part == part) is { } at ? state.Spots[at] : double.NaN;
        if (reading.Space is { } space) return Found(scene.Spaces, each => each.Id == space) is { } at ? state.Spaces[at] : double.NaN;
        if (Found(scene.Ways, each => each.Key == reading.Way) is not { } way) return double.NaN;
        var from = state.Ways[way] >= 0 ? scene.Ways[way].From : scene.Ways[way].To;
        return from < 0 ? state.Room + state.DrawnAgain[way] : state.Spaces[from];
    }

    private static int? Found<T>(IReadOnlyList<T> all, Func<T, bool> isIt)
    {
        for (var at = 0; at < all.Count; at++)
        {
            if (isIt(all[at])) return at;
        }

        return null;
    }
}
