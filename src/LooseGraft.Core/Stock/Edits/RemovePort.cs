using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Takes a connector out with everything that names it.</summary>
public sealed record RemovePort(PortId Port) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithoutPort(Port);

    public override string Words(Graft graft) => $"Connector {Port.Port} of {Port.Part} taken out, with its joints, readings and photographs";

    public override string Standing(Graft graft) => (graft.FindPart(Port.Part)?.Ports.Length ?? 0).Counted("connector");
}
