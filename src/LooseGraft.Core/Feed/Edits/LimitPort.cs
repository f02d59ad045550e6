using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says what a port bears, whatever is usual for its kind; null for the usual.</summary>
public sealed record LimitPort(PortId Port, PortLimit? Limit) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPort(Port, port => port with { Limit = Limit });

    public override string Words(Graft graft) => $"{graft.NameOf(Port)}: {Words(Limit)}";

    public override string Standing(Graft graft) => graft.FindPort(Port) is { } port ? Words(port.Limit) : "this connector is not there any more";

    private static string Words(PortLimit? limit) => limit is null ? "bears what is usual for its kind" : $"bears {limit} ({limit.Evidence.Words()})";
}
