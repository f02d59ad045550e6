using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>What is lost along a string before it reaches its plugs.</summary>
/// <param name="Lead">The string.</param>
/// <param name="Rail">The rail.</param>
/// <param name="Drop">The drop at peak, high figure, there and back, contacts included.</param>
/// <param name="Share">The drop as a share of the rail's voltage.</param>
/// <remarks>U = 2 · I · (R · l / wires + contact resistance). All of the current is taken to run to the last plug, which is the most it can be.</remarks>
public sealed record VoltageDrop(SupplyLead Lead, Rail Rail, Volts Drop, double Share)
{
    // Crimp terminals are sold with at most 10 mΩ each way when new (terminal makers' data sheets).
    private const double ContactOhms = 0.01;

    /// <summary>The drops of a supply's strings whose length is known.</summary>
    public static IEnumerable<VoltageDrop> Of(SupplyReview review)
        => from lead in review.Supply.Leads
           where lead.Length is not null
           from rail in review.Supply.Rails
           let current = review.Flows.Where(flow => flow.Rail == rail.Name && flow.Plug?.StartsWith(lead.Id + "/", StringComparison.Ordinal) == true)
               .Sum(flow => flow.At(LoadCase.Peak).High.Value)
           where current > 0
           let wire = WireGauge.All.Where(gauge => gauge.Awg <= lead.Awg).MaxBy(gauge => gauge.Awg) ?? WireGauge.All[0]
           let ohms = (wire.OhmPerMetre * lead.Length!.Value.Value / 1000 / lead.WiresEach) + (ContactOhms / lead.WiresEach)
           let drop = 2 * current * ohms
           select new VoltageDrop(lead, rail, new Volts(drop), drop / Math.Abs(rail.Voltage.Value));
}
