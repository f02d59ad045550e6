using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Says that every placed fan gets a share of the volts that it is made for.</summary>
/// <param name="Share">Above 0 and at most 1.</param>
public sealed record RunFans(double Share) : GraftEdit
{
    public override Graft Apply(Graft graft) => new CoolTrial(FanShare: Share).Apply(graft);

    public override string Words(Graft graft) => $"Every fan on {new Volts(Share * FanClass.FullVolts)}";

    public override string Standing(Graft graft)
    {
        var own = graft.Cooling.Fans.Where(fan => graft.IsOwnFan(fan.Part)).ToArray();
        return own.Length == 0 ? "no fan is placed" : string.Join(", ", own.Select(fan => $"{graft.NameOf(fan.Part)} {fan.Volts?.ToString() ?? "as it is fed"}"));
    }
}
