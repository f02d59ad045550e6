using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>What is lost on the way from a supply to what hangs on one of its strings.</summary>
/// <param name="Lead">The string.</param>
/// <param name="Rail">The rail.</param>
/// <param name="Drop">The drop at peak, high figures, there and back, contacts included, at the part that loses most.</param>
/// <param name="Share">The drop as a share of the rail's voltage.</param>
/// <remarks>What the supply itself gives less under load is not in it. Of strings whose length is not known nothing is said.</remarks>
public sealed record VoltageDrop(SupplyLead Lead, Rail Rail, Volts Drop, double Share)
{
    /// <summary>The drops of a supply's strings whose length is known.</summary>
    internal static IEnumerable<VoltageDrop> Of(SupplyReview review, FeedFlows flows)
        => from lead in review.Supply.Leads
           where lead.Length is not null
           from rail in review.Supply.RailsOn(lead)
           let drops = flows.DropsAlong(review.Supply, lead, rail)
           where drops.Count > 0
           let most = drops.Max()
           where most > 0
           select new VoltageDrop(lead, rail, new Volts(most), most / Math.Abs(rail.Voltage.Value));
}
