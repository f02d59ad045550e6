using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>What is already known for Build, which does not compute yet.</summary>
public sealed class BuildModel(GraftStore store, ReviewDesk reviews) : ToComeModel(store, reviews)
{
    public override string Will => "It will put every step in order, with the glue, the parcels and the hold points.";

    public override IEnumerable<string> AlreadyKnown => Graft.Joints
        .Where(joint => joint.Method is JointMethod.Splice or JointMethod.Bridge or JointMethod.Rebuild or JointMethod.Repin)
        .Select(joint => $"A lead to make before assembly: {joint.Id} ({joint.Method.ToString().ToLowerInvariant()}).")
        .DefaultIfEmpty("No lead has to be made so far.");
}
