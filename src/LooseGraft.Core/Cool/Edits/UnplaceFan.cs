using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Forgets what a fan blows through.</summary>
/// <param name="Part">The fan, or what has it.</param>
public sealed record UnplaceFan(string Part) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithCooling(cooling => cooling with { Fans = cooling.Fans.RemoveAll(fan => fan.Part == Part) });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} blows nowhere";

    public override string Standing(Graft graft) => graft.Cooling.Fans.Any(fan => fan.Part == Part) ? "it is placed" : "it is not placed";
}
