using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Says what a fan blows through, which way, and how fast.</summary>
/// <param name="Fan">All that is known of it.</param>
public sealed record PlaceFan(FanPlace Fan) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.FindPart(Fan.Part) is null || (Fan.Way is { } way && graft.AirWays().All(each => each.Key != way))) return graft;
        var now = Fan with { Unknown = Found(graft)?.Unknown ?? UnknownMembers.None };
        return graft.WithCooling(cooling => cooling with { Fans = cooling.Fans.With(now, fan => fan.Part == Fan.Part) });
    }

    public override string Words(Graft graft) => $"{graft.NameOf(Fan.Part)} {Said(graft, Fan)}";

    public override string Standing(Graft graft) => graft.FindPart(Fan.Part) is null ? "this part is not there any more"
        : Found(graft) is { } found ? Said(graft, found) : "it is not placed";

    private FanPlace? Found(Graft graft) => graft.Cooling.Fans.FirstOrDefault(fan => fan.Part == Fan.Part);

    private static string Said(Graft graft, FanPlace fan)
        => (fan.Way is { } way ? $"blows {graft.Towards(way, fan.Blows)} through {graft.NameOfWay(way)}" : "stirs the air")
            + (fan.Volts is { } volts ? $", on {volts}" : "");
}
