using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>What is already known for Grow, which does not compute yet.</summary>
public sealed class GrowModel(GraftStore store, ReviewDesk reviews) : ToComeModel(store, reviews)
{
    public override string Will => "It will set upgrades against watts, slots, heights and money.";

    public override IEnumerable<string> AlreadyKnown => Review.Feed.Supplies
        .SelectMany(supply => supply.Limits.Select(limit => $"{supply.Name}, {limit.Name}: {limit.LeastLeft} left at peak."))
        .DefaultIfEmpty("No supply is described, so nothing is known to be left.");
}
