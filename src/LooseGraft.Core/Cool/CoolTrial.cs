using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool;

/// <summary>What a builder tries without changing the graft: another room, other volts at every fan, a part held to fewer watts.</summary>
/// <param name="Room">Degrees Celsius of the room; null for as it is.</param>
/// <param name="FanShare">The share of the volts that they are made for which every placed fan gets, those of supplies and cards left out; null for as it
/// is.</param>
/// <param name="Held">The part that is held.</param>
/// <param name="Cap">To what, everything that it draws together; null for as it is.</param>
public sealed record CoolTrial(Celsius? Room = null, double? FanShare = null, string? Held = null, Watts? Cap = null)
{
    /// <summary>Whether nothing is tried.</summary>
    public bool IsNothing => Room is null && FanShare is null && (Held is null || Cap is null);

    /// <summary>The graft as it would be.</summary>
    public Graft Apply(Graft graft)
    {
        var tried = graft.WithCooling(cooling => cooling with
        {
            Room = Room is { } room ? Spread<Celsius>.Exactly(room) : cooling.Room,
            Fans = FanShare is { } share ? [.. cooling.Fans.Select(fan => graft.IsOwnFan(fan.Part) ? OnShare(fan, share) : fan)] : cooling.Fans,
        });
        return Held is null || Cap is not { } cap ? tried : tried.WithDraws(Held, (draw, together) => HeldDraw.Under(cap, draw, together));
    }

    private static FanPlace OnShare(FanPlace fan, double share) => fan with { Volts = new Volts(share * (fan.Rated?.Value ?? FanClass.FullVolts)) };

    /// <summary>The most that a part takes at peak where nothing holds it.</summary>
    public static Watts MostWatts(Graft graft, string part)
        => new(graft.Loads.Where(load => load.Part == part).Sum(load => SceneSources.WattsOf(load with { Cap = null }, HeatCase.Peak).High));

    /// <summary>Everything worked out for it; no rule speaks.</summary>
    /// <param name="graft">The graft in use.</param>
    /// <param name="feed">What is concluded of its watts as they are.</param>
    public CoolReview Of(Graft graft, FeedReview feed)
    {
        var tried = Apply(graft);
        // No wire changes: only what a cap changes is worked out again.
        var flows = Held is null || Cap is null ? feed.Flows : new FeedFlows(tried, feed.Netlist);
        return new CoolReview(CoolScene.Of(tried, flows), true, []);
    }
}
