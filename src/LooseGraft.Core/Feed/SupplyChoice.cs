using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock;

namespace LooseGraft.Core.Feed;

/// <summary>A supply of a usual sort in place of the one there is: what it would carry, and what is gained and lost.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Verdict">Whether it carries what is drawn now, at its tightest limit at peak.</param>
/// <param name="Tightest">That limit, in words.</param>
/// <param name="Gains">What it has more of.</param>
/// <param name="Losses">What it lacks: rails that are drawn from, plugs that are in use.</param>
public sealed record SupplyChoice(string Name, FeedVerdict Verdict, string Tightest, ImmutableArray<string> Gains, ImmutableArray<string> Losses)
{
    /// <summary>Every usual supply, those that carry it and lose least first.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="feed">How it is fed.</param>
    /// <param name="review">The supply there is.</param>
    public static ImmutableArray<SupplyChoice> InPlaceOf(Graft graft, FeedReview feed, SupplyReview review)
        => [.. PartTemplate.All.Where(template => template.Rails is { Count: > 0 } && template.Kind is PartKind.Supply or PartKind.Brick)
            .Select(template => Of(graft, feed, review, template))
            .OrderBy(choice => choice.Losses.Length > 0).ThenBy(choice => choice.Verdict).ThenBy(choice => choice.Losses.Length)];

    private static SupplyChoice Of(Graft graft, FeedReview feed, SupplyReview review, PartTemplate template)
    {
        var old = review.Supply;
        var made = TemplatePart.MakeSupply(template, old.Id, old.Part)! with { Meant = old.Meant, Class = old.Class };
        // Its leads are other leads; what is known of the old ones says nothing of them.
        ValueList<Load> loads = [.. graft.Loads.Select(
            load => load.Meant is { } meant && meant.Supply == old.Id ? load with { Meant = meant with { Plug = null } } : load)];
        var after = FeedStage.Review(graft.WithSupply(old.Id, _ => made) with { Loads = loads }, feed.Netlist).Supplies
            .First(supply => supply.Supply.Id == old.Id);
        var limits = after.Limits.Where(limit => limit.Kind <= FeedLimitKind.Total).ToArray();
        var tightest = limits.MinBy(limit => limit.LeastShareLeft);
        var drawn = review.Flows.Select(flow => flow.Rail.Output.Name).ToHashSet();
        var rails = made.Rails.Select(rail => rail.Output.Name).ToHashSet();
        var plugs = (template.Ports ?? []).Where(port => port.Gender == Gender.Female || template.Kind == PartKind.Brick).Select(port => port.Connector)
            .ToList();
        return new SupplyChoice(
            template.Name, drawn.IsSubsetOf(rails) ? tightest?.In(LoadCase.Peak).Verdict ?? FeedVerdict.MayNotCarry : FeedVerdict.DoesNotCarry,
            tightest is null ? "no limit is known" : $"{tightest.Name}, {tightest.In(LoadCase.Peak).Used} of {tightest.Limit.Value}",
            [.. Gained(old, made)], [.. drawn.Except(rails).Select(rail => $"no {rail}"), .. LostPlugs(graft, old, plugs)]);
    }

    private static IEnumerable<string> Gained(Supply old, Supply made)
    {
        if (made.Total is { } total && total.Limit.Value.Value > (old.Total?.Limit.Value.Value ?? 0))
            yield return $"{total.Limit.Value.Value - (old.Total?.Limit.Value.Value ?? 0):0} W in all";
        foreach (var rails in made.Rails.GroupBy(rail => rail.Output.Name))
        {
            var more = rails.Sum(rail => rail.Limit.Value.Value) - old.Rails.Where(rail => rail.Output.Name == rails.Key).Sum(rail => rail.Limit.Value.Value);
            if (more > 0) yield return $"{more:0.#} A on {rails.Key}";
        }
    }

    // Plugs in use now, by joints and by loads, each of which wants one of its kind again.
    private static IEnumerable<string> LostPlugs(Graft graft, Supply old, List<string> plugs)
    {
        var joined = graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff).SelectMany(joint => new[] { joint.From, joint.To })
            .Where(port => port.Part == old.Part)
            .Distinct().Select(graft.FindPort).OfType<Port>().Select(port => port.Type);
        var taken = from load in graft.Loads
                    where load.Meant is { Plug: not null } meant && meant.Supply == old.Id
                    let found = old.FindPlug(load.Meant!.Plug!)
                    where found is not null
                    select (load.Meant!.Plug, found!.Value.Lead.Plugs[found.Value.At].Type);
        var wanted = joined.Any() ? joined : taken.DistinctBy(pair => pair.Plug).Select(pair => pair.Type);
        foreach (var type in wanted)
        {
            if (!plugs.Remove(type.Id)) yield return $"no plug for the {type.Name} in use";
        }
    }
}
