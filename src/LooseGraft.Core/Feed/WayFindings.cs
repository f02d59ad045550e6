using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>What the rules say about by what way a part is fed: by none, by a loose end, or by more than one.</summary>
internal static class WayFindings
{
    public static IEnumerable<Finding> Of(Graft graft, FeedFlows flows)
        => Unfed(graft, flows).Concat(flows.Network.IsWhole ? NotWired(graft, flows) : TooMuch()).Concat(PlugsTwice(graft, flows))
            .Concat(OfWhichRail(graft, flows)).Concat(flows.Collapses.Select(collapse => Collapsed(graft, collapse)));

    // The usual way is counted; a supply that is made otherwise proves it wrong.
    private static IEnumerable<Finding> OfWhichRail(Graft graft, FeedFlows flows)
        => from supply in graft.Supplies
           from lead in supply.Leads
           from rail in supply.RailsOn(lead)
           where supply.IsOpen(lead, rail.Output)
               && flows.All.Any(flow => flow.Rail == rail && flow.Way.Any(step => step.Subject == new SupplyLeadSubject(supply.Id, lead.Id)))
           let names = string.Join(" or ", supply.Rails.Where(other => other.Output == rail.Output).Select(other => other.Name))
           select Finding.Of(FeedRules.LeadOfWhichRail, new SupplyLeadSubject(supply.Id, lead.Id),
               $"{graft.NameOf(supply.Part)}, {lead.Name}: nobody said whether it hangs on {names}; it is counted on {rail.Name}, as most supplies are made.",
               Evidence.Assumed, "say it below, where the supply is described",
               "look at its wires: yellow with a black stripe is usually the second rail", "see whether the label says which plugs hang on which");

    private static Finding Collapsed(Graft graft, FeedCollapse collapse)
    {
        var (flow, amps) = (collapse.Flow, collapse.Flow.At(collapse.Case));
        var by = flow.Way.IsEmpty ? "" : $" by {string.Join(", ", flow.Way.Select(step => step.Label))}";
        return new Finding(FeedRules.CannotBeFed, collapse.IsLikely && collapse.Case <= LoadCase.Peak ? Severity.Stop : Severity.Fix, flow.Subject,
            $"{graft.NameOf(flow.Consumer)}, {flow.Rail.Name}: cannot be fed{by}. It takes more amperes the less voltage is left, and from {(collapse.IsLikely ? amps.Likely : amps.High)} on the way leaves none; it is counted as if the way lost nothing.",
            flow.Evidence, ["a shorter way of thicker wire", "a higher voltage to the part, and a converter there", "a part that takes less"]);
    }

    private static IEnumerable<Finding> TooMuch()
        => [Finding.Of(FeedRules.NotWired, Subject.Whole,
            "More conducts between supplies and parts here than is solved: everything is counted at the supplies, and no plug or wire is judged.",
            Evidence.Measured, "take out what this graft does not need", "describe a large backplane as the few contacts that carry power")];

    // What no supply of the graft gives, or of several nobody said which.
    private static IEnumerable<Finding> Unfed(Graft graft, FeedFlows flows)
    {
        if (graft.Supplies.IsEmpty) yield break;
        var fed = flows.Network.Taps.Select(tap => tap.Draw).OfType<Draw>().ToHashSet(ReferenceEqualityComparer.Instance);
        foreach (var (load, draw) in graft.Loads.SelectMany(load => load.Draws.Where(draw => !fed.Contains(draw)).Select(draw => (load, draw))))
        {
            var name = graft.NameOf(load.Part);
            if (load.Meant is { } meant)
            {
                yield return Missing(load, draw, $"{name} wants {draw.Rail}, and {graft.NameOfSupply(meant.Supply)} does not give it.");
            }
            else if (Signal.Parse(draw.Rail) is { SupplyVoltage: { } volts } && graft.Supplies.SelectMany(supply => supply.Rails)
                .Any(rail => Quantities.VoltSpan.Around(volts, Tolerances.Of(volts)).Contains(rail.Voltage)))
            {
                yield return Finding.Of(FeedRules.NotWired, new DrawSubject(load.Id, draw.Rail, draw.Socket),
                    $"{name} wants {draw.Rail}: no joint leads to it, and nobody said which supply shall give it. It is in no sum.", draw.Evidence,
                    "join its power socket in Wire", "say here which supply it shall hang on");
            }
            else
            {
                yield return Missing(load, draw, $"{name} wants {draw.Rail}, and no supply here gives it.");
            }
        }
    }

    private static Finding Missing(Load load, Draw draw, string words)
        => Finding.Of(FeedRules.RailMissing, new DrawSubject(load.Id, draw.Rail, draw.Socket), words, draw.Evidence,
            "feed it from a supply or converter that has this rail", "check the rail's name against the supply's label");

    private static IEnumerable<Finding> NotWired(Graft graft, FeedFlows flows)
        => from flow in flows.All
           where flow.Hold is FeedHold.NotWired or FeedHold.NotSolved
           group flow by (flow.Consumer, flow.Hold, flow.Supply) into same
           let rails = string.Join(" and ", same.Select(flow => flow.Rail.Name).Distinct())
           let words = same.Key.Hold == FeedHold.NotWired
               ? $"no joint leads to it from {graft.NameOf(same.Key.Supply.Part)}, so it is counted there, and no plug or wire on the way is judged"
               : "what leads to it is shorted, or fed by two voltages, so it is counted at the supply itself until that is mended"
           select Finding.Of(FeedRules.NotWired, same.First().Subject, $"{graft.NameOf(same.Key.Consumer)}, {rails}: {words}.",
               same.Select(flow => flow.Evidence).Weakest(),
               same.Key.Hold == FeedHold.NotWired ? ["join its power socket in Wire", "say here which plug it shall take"] : ["look at the stops of Wire first"]);

    // What hangs behind a splitter names the plug that the splitter hangs on.
    private static IEnumerable<Finding> PlugsTwice(Graft graft, FeedFlows flows)
    {
        var meant = (from load in graft.Loads where load.Meant?.Plug is not null select (load.Part, load.Meant!.Supply, Plug: load.Meant.Plug!))
            .Concat(from supply in graft.Supplies where supply.Meant?.Plug is not null select (supply.Part, supply.Meant!.Supply, Plug: supply.Meant.Plug!));
        var joined = flows.All.Where(flow => flow.Hold is FeedHold.Joined or FeedHold.NotSolved).Select(flow => flow.Consumer).ToHashSet();
        joined.UnionWith(BehindLeads(graft));
        return from claim in meant
               where !joined.Contains(claim.Part)
               group claim.Part by (claim.Supply, claim.Plug) into same
               let parts = same.Distinct().Concat(JoinedTo(graft, same.Key.Supply, same.Key.Plug)).ToArray()
               where parts.Length > 1
               select Finding.Of(FeedRules.PlugGivenTwice, new SupplySubject(same.Key.Supply),
                   $"{same.Key.Plug} feeds {string.Join(" and ", parts.Select(graft.NameOf))}: a plug goes into one socket.", Evidence.Measured,
                   "give one of them another plug", "a splitter with crimped terminals: add it as a part and join it between them");
    }

    // What a joint brings to the plug, if anything.
    private static IEnumerable<string> JoinedTo(Graft graft, string supply, string plug)
    {
        if (graft.Supplies.FirstOrDefault(each => each.Id == supply) is not { } found || found.FindPlug(plug) is not var (lead, at)
            || lead.Plugs[at].Port is not { } name) return [];
        var port = new PortId(found.Part, name);
        return graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff && (joint.From == port || joint.To == port))
            .Select(joint => joint.From == port ? joint.To.Part : joint.From.Part).Take(1);
    }

    private static HashSet<string> BehindLeads(Graft graft)
    {
        var leads = graft.Parts.Where(part => part.Kind.OnlyConducts()).Select(part => part.Id).ToHashSet();
        return [.. graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff)
            .SelectMany(joint => new[] { (Part: joint.From.Part, On: joint.To.Part), (Part: joint.To.Part, On: joint.From.Part) })
            .Where(met => leads.Contains(met.On)).Select(met => met.Part)];
    }
}
