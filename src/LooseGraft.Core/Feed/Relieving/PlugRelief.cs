using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Edits;

namespace LooseGraft.Core.Feed.Relieving;

/// <summary>Plugs to which a part can be moved so that a place is relieved.</summary>
internal static class PlugRelief
{
    public static IEnumerable<Relief> Of(Graft graft, FeedLimit limit, ReliefTrial trial)
    {
        if (limit.Places.IsEmpty) yield break;
        var taken = graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff).SelectMany(joint => new[] { joint.From, joint.To }).ToHashSet();
        var free = (from supply in graft.Supplies
                    from port in graft.FindPart(supply.Part)?.Ports ?? []
                    let id = new PortId(supply.Part, port.Id)
                    where !taken.Contains(id)
                    select (Id: id, Port: port)).ToArray();
        foreach (var flows in limit.Counted.Select(term => term.Flow).GroupBy(flow => flow.Consumer))
        {
            var moves = flows.All(flow => flow.Hold == FeedHold.Meant) ? Meant(graft, flows.Key, flows.First().Supply) : Joined(graft, flows.Key, free);
            foreach (var move in moves)
            {
                if (trial.IsOver) yield break;
                if (move.Edit is not MoveJoint ? !trial.Helps(move.Edit!) : !trial.HelpsWired(move.Edit)) continue;
                yield return move;
                break;
            }
        }
    }

    // The end that is not the part's own goes to a plug of the same kind.
    private static IEnumerable<Relief> Joined(Graft graft, string part, (PortId Id, Port Port)[] free)
        => from joint in graft.Joints
           where joint.Method != JointMethod.LeaveOff && joint.From.Part == part != (joint.To.Part == part)
           let old = joint.From.Part == part ? joint.To : joint.From
           let port = graft.FindPort(old)
           where port is not null
           from plug in free
           where plug.Port.Type == port.Type && plug.Port.Gender == port.Gender && plug.Id.Part != part
           select new Relief(
               $"Move {graft.NameOf(part)} from {port.Name} of {graft.NameOf(old.Part)} to {plug.Port.Name} of {graft.NameOf(plug.Id.Part)}, which is free",
               new MoveJoint(joint.Id, old, plug.Id));

    private static IEnumerable<Relief> Meant(Graft graft, string part, Supply supply)
        => from load in graft.Loads
           where load.Part == part
           let meant = load.Meant
           where meant is { Plug: not null } && meant.Supply == supply.Id
           let old = supply.FindPlug(meant.Plug!)
           where old is not null
           from lead in supply.Leads
           from plug in lead.Plugs
           let name = $"{lead.Id}/{plug.Id}"
           where plug.Type == old.Value.Lead.Plugs[old.Value.At].Type && graft.Loads.All(other => other.Meant?.Supply != supply.Id || other.Meant.Plug != name)
           select new Relief($"Move {graft.NameOf(part)} from {graft.NameOfPlug(supply, meant.Plug!)} to {graft.NameOfPlug(supply, lead, plug)}, which is free",
               new MeanLoad(load.Id, new LoadPlace(meant with { Plug = name })));
}
