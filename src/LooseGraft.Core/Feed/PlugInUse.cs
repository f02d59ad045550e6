using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Reach;

namespace LooseGraft.Core.Feed;

/// <summary>A plug of a supply that something takes, and how far it has to reach.</summary>
/// <param name="Type">The kind of connector.</param>
/// <param name="Reaches">How long its lead is; null when nobody measured.</param>
/// <param name="Needed">How long it has to be, where a way for it was drawn on a plane; null for any other.</param>
internal sealed record PlugInUse(ConnectorType Type, double? Reaches, double? Needed)
{
    /// <summary>The plugs of a supply in use now, by joints; where there are none, by what is meant.</summary>
    public static ImmutableArray<PlugInUse> Of(Graft graft, Supply supply, ImmutableArray<LeadReach> reaches)
    {
        var joined = from joint in graft.Joints
                     where joint.Method != JointMethod.LeaveOff && joint.From.Part == supply.Part != (joint.To.Part == supply.Part)
                     let own = joint.From.Part == supply.Part ? joint.From : joint.To
                     let port = graft.FindPort(own)
                     where port is not null
                     let lead = supply.Leads.FirstOrDefault(lead => lead.Plugs.Any(plug => plug.Port == own.Port))
                     select (own, new PlugInUse(port.Type, (port.LeadLength ?? lead?.Length)?.Value, NeededFor(reaches, joint)));
        var taken = from load in graft.Loads
                    where load.Meant is { Plug: not null } meant && meant.Supply == supply.Id
                    let found = supply.FindPlug(load.Meant!.Plug!)
                    where found is not null
                    select (load.Meant!.Plug, new PlugInUse(found.Value.Lead.Plugs[found.Value.At].Type, found.Value.Lead.Length?.Value, null));
        var byJoints = joined.DistinctBy(pair => pair.own).Select(pair => pair.Item2).ToImmutableArray();
        return byJoints.IsEmpty ? [.. taken.DistinctBy(pair => pair.Plug).Select(pair => pair.Item2)] : byJoints;
    }

    private static double? NeededFor(ImmutableArray<LeadReach> reaches, Joint joint)
        => reaches.Where(reach => new[] { reach.Run.From.Port, reach.Run.To.Port }.Any(port => port == joint.From || port == joint.To))
            .Max(reach => reach.Needed?.Value);
}
