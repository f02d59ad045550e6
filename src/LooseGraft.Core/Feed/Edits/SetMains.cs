using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says on which mains the graft hangs; null for unknown.</summary>
public sealed record SetMains(int? Volts) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with { MainsVolts = Volts };

    public override string Words(Graft graft) => Words(Volts);

    public override string Standing(Graft graft) => Words(graft.MainsVolts);

    private static string Words(int? volts) => volts is { } known ? $"mains of {known} V" : "mains of unknown voltage";
}
