using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Reach;
using LooseGraft.Core.Stock;

namespace LooseGraft.Core.Feed;

/// <summary>A supply of a usual sort in place of the one there is: what it would carry, what is gained and lost, and what to look at before buying.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Verdict">Whether it carries what is drawn now, at its tightest limit at peak.</param>
/// <param name="Tightest">That limit, in words.</param>
/// <param name="Gains">What it has more of.</param>
/// <param name="Losses">What it lacks: rails that are drawn from, plugs that are in use, leads that reach.</param>
/// <param name="Checks">What may not do: a lead that is shorter than the one there, another depth.</param>
/// <param name="Outside">Its form and size, in words.</param>
/// <param name="Noise">How loud it is, in words.</param>
public sealed record SupplyChoice(
    string Name, FeedVerdict Verdict, string Tightest, ImmutableArray<string> Gains, ImmutableArray<string> Losses, ImmutableArray<string> Checks,
    string Outside, string Noise)
{
    /// <summary>Every usual supply, those that carry it and lose least first.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="feed">How it is fed.</param>
    /// <param name="review">The supply there is.</param>
    /// <param name="reaches">How far leads have to reach.</param>
    public static ImmutableArray<SupplyChoice> InPlaceOf(Graft graft, FeedReview feed, SupplyReview review, ImmutableArray<LeadReach> reaches)
    {
        var plugs = PlugInUse.Of(graft, review.Supply, reaches);
        return [.. PartTemplate.All.Where(template => template is { Rails.Count: > 0, Form: not null, Kind: PartKind.Supply or PartKind.Brick })
            .Select(template => Of(graft, feed, review, template, plugs))
            .OrderBy(choice => choice.Losses.Length > 0).ThenBy(choice => choice.Verdict).ThenBy(choice => choice.Losses.Length)
            .ThenBy(choice => choice.Checks.Length)];
    }

    private static SupplyChoice Of(Graft graft, FeedReview feed, SupplyReview review, PartTemplate template, ImmutableArray<PlugInUse> plugs)
    {
        var old = review.Supply;
        var made = TemplatePart.MakeSupply(template, old.Id, old.Part)! with { Meant = old.Meant, Class = old.Class, Leads = [] };
        // Its leads are other leads, and joined to nothing yet; what is known of the old ones says nothing of them.
        ValueList<Load> loads = [.. graft.Loads.Select(
            load => load.Meant is { } meant && meant.Supply == old.Id ? load with { Meant = meant with { Plug = null } } : load)];
        ValueList<Supply> supplies = [.. graft.Supplies.Select(supply => supply.Id == old.Id ? made
            : supply.Meant is { } meant && meant.Supply == old.Id ? supply with { Meant = meant with { Plug = null } } : supply)];
        var after = FeedStage.Review(graft with { Supplies = supplies, Loads = loads }, feed.Netlist).Supplies
            .First(supply => supply.Supply.Id == old.Id);
        var tightest = after.Limits.Where(limit => limit.Kind <= FeedLimitKind.Total).MinBy(limit => limit.LeastShareLeft);
        var drawn = review.Flows.Select(flow => flow.Rail.Output.Name).ToHashSet();
        var rails = made.Rails.Select(rail => rail.Output.Name).ToHashSet();
        var (lost, checks) = Leads(template, plugs);
        return new SupplyChoice(
            template.Name, drawn.IsSubsetOf(rails) ? tightest?.In(LoadCase.Peak).Verdict ?? FeedVerdict.MayNotCarry : FeedVerdict.DoesNotCarry,
            tightest is null ? "no limit is known" : $"{tightest.Name}, {tightest.In(LoadCase.Peak).Used} of {tightest.Limit.Value}",
            [.. Gained(old, made)], [.. drawn.Except(rails).Select(rail => $"no {rail}"), .. lost], [.. checks, .. Deeper(graft, old, template.Form!)],
            $"{template.Form!.Name}, {string.Join(" × ", template.Form.SizeMm)} mm deep", template.Form.Noise);
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

        if (old.AgeYears is > 0 and { } years) yield return $"new, where the one there is {years:0.#} years old";
    }

    // Each plug in use wants one of its kind again; the one that has to reach furthest takes the longest.
    private static (List<string> Lost, List<string> Checks) Leads(PartTemplate template, ImmutableArray<PlugInUse> plugs)
    {
        var (lost, checks) = (new List<string>(), new List<string>());
        var left = (template.Ports ?? []).Where(port => port.Gender == Gender.Female || template.Kind == PartKind.Brick)
            .OrderByDescending(port => port.LeadMm).ToList();
        foreach (var plug in plugs.OrderByDescending(plug => plug.Needed ?? plug.Reaches ?? 0))
        {
            var own = left.Find(port => port.Connector == plug.Type.Id);
            if ((own ?? left.Find(port => ConnectorTypes.Find(port.Connector)!.MayServe(plug.Type))) is not { } found)
            {
                lost.Add($"no plug for the {plug.Type.Name} in use");
                continue;
            }

            left.Remove(found);
            if (own is null) checks.Add($"its {found.Name} has to part in two for the {plug.Type.Name}");
            if (plug.Needed > found.LeadMm) lost.Add($"its {found.Name} reaches {found.LeadMm:0} mm, {plug.Needed:0} mm are needed");
            else if (plug.Needed is null && plug.Reaches > found.LeadMm)
                checks.Add($"its {found.Name} reaches {found.LeadMm:0} mm, the one there {plug.Reaches:0} mm");
        }

        return (lost, checks);
    }

    private static IEnumerable<string> Deeper(Graft graft, Supply old, SupplyForm form)
    {
        if (form.FanMm is null || graft.FindPart(old.Part)?.Body is not { Outline: { Length: > 0 } outline }) yield break;
        var (width, depth) = (Span(corner => corner.X), Span(corner => corner.Y));
        if (Math.Max(form.SizeMm[0], form.DepthMm) > Math.Max(width, depth) || Math.Min(form.SizeMm[0], form.DepthMm) > Math.Min(width, depth))
            yield return $"larger than the one there, {width:0} × {depth:0} mm";

        double Span(Func<PlanPoint, double> along) => outline.Max(along) - outline.Min(along);
    }
}
