using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Wire.Edits;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Puts a usual adapter in between plugs and a socket, to be bought, and joins all of them.</summary>
/// <param name="Adapter">The adapter; it has an inlet for each plug, and the outlet for the socket.</param>
/// <param name="Socket">The socket.</param>
/// <param name="Plugs">The plugs.</param>
public sealed record JoinByAdapter(PartTemplate Adapter, PortId Socket, ValueList<PortId> Plugs) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        PortId[] ends = [Socket, .. Plugs];
        if (ends.Distinct().Count() < ends.Length || ends.Any(end => graft.FindPort(end) is null)) return graft;
        var with = TemplatePart.Add(graft, Adapter, Adapter.Name, PartOrigin.ToBuy, null);
        var made = with.Parts[^1];
        var inlets = made.Ports.Where(port => port.Gender == Gender.Male).ToArray();
        var outlet = made.Ports.FirstOrDefault(port => port.Gender == Gender.Female);
        if (outlet is null || inlets.Length != Plugs.Length) return graft;
        var joined = Plugs.Zip(inlets).Aggregate(with, (sum, pair) => new AddJoint(pair.First, new PortId(made.Id, pair.Second.Id)).Apply(sum));
        return new AddJoint(new PortId(made.Id, outlet.Id), Socket).Apply(joined);
    }

    public override string Words(Graft graft) => $"{Adapter.Name} put in before {graft.NameOf(Socket)} of {graft.NameOf(Socket.Part)}";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
