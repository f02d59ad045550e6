using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>A part that might be added, and what the chain says to it.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Fits">Whether every link bears it: yes, only if the high figures do not come true, or no.</param>
/// <param name="Because">The link that gives first, or why it fits.</param>
/// <param name="Graft">The graft with it in, to be kept if the builder wishes.</param>
public sealed record Candidate(string Name, FeedVerdict Fits, string Because, Graft Graft)
{
    // A part that takes nothing at a place may still move a sum in its last digit.
    private const double Rounding = 1e-9;

    /// <summary>Puts a part in and judges every limit anew, without keeping anything.</summary>
    /// <param name="before">The feeding as it stands.</param>
    /// <param name="with">The graft with the part in.</param>
    /// <param name="name">What the part is.</param>
    public static Candidate Try(FeedReview before, Graft with, string name)
    {
        var after = FeedStage.Review(with, before.Netlist);
        var standing = before.ByKey();
        // What was over before is not the newcomer's doing, unless it makes it worse.
        var worst = (from supply in after.Supplies
                     from limit in supply.Limits
                     let use = limit.In(LoadCase.Peak)
                     where standing[(supply.Supply.Id, limit.Key)].All(old => use.Used.High.Value > old.In(LoadCase.Peak).Used.High.Value + Rounding)
                     orderby limit.LeastShareLeft
                     select (supply.Name, Limit: limit, Use: use)).FirstOrDefault();
        var wants = after.Plugs.Served(with)
            .Where(served => served is { Plug: null, Adapter: not { Carries: true } }
                && before.Plugs.Wanting.All(port => port.Part.Id != served.Port.Part.Id))
            .Select(served => served.Port).FirstOrDefault();
        if (wants is not null)
            return new Candidate(name, FeedVerdict.DoesNotCarry, $"no plug is left for its {wants.Port.Name}, a {wants.Port.Type.Name}", with);
        return worst.Limit is null
            ? new Candidate(name, FeedVerdict.MayNotCarry, "nothing is known of what it takes, or no supply is described that feeds it", with)
            : new Candidate(name, worst.Use.Verdict, worst.Use.Verdict switch
            {
                FeedVerdict.Carries => $"{worst.Limit.Name} of {worst.Name} is the nearest to its limit, with at least {worst.Use.Left.Low} left",
                FeedVerdict.CarriesTightly => $"tightly: {worst.Limit.Name} of {worst.Name} keeps {worst.Use.Left.Low} at worst",
                FeedVerdict.MayNotCarry
                    => $"if {worst.Limit.Name} of {worst.Name} is never asked for its high figure, {worst.Use.Used.High} of {worst.Limit.Limit.Value}: measure first",
                _ => $"{worst.Limit.Name} of {worst.Name} gives first: {worst.Use.Used.Likely} of {worst.Limit.Limit.Value}",
            }, with);
    }
}
