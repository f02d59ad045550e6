using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>The lead of a joint: how it is made, how it is proven, and what to expect of it at first power.</summary>
/// <param name="Review">The joint.</param>
/// <param name="Rows">Its wires.</param>
/// <param name="Sheet">The meter sheet with what was read.</param>
/// <param name="Unseen">Wires and ties that the sheet cannot find open.</param>
/// <param name="FirstPower">Voltages at its open end, in the order to take them.</param>
public sealed record MadeLead(
    JointReview Review, ImmutableArray<LeadRow> Rows, ImmutableArray<SheetLine<LeadEnd>> Sheet, ImmutableArray<(LeadEnd One, LeadEnd Other)> Unseen,
    ImmutableArray<FirstVoltage> FirstPower)
{
    /// <summary>Whether a joint is made by hands and so has a lead to prove.</summary>
    public static bool IsMade(Joint joint)
        => joint.Method is not (JointMethod.Straight or JointMethod.LeaveOff) && !(joint.Wires.IsEmpty && joint.Ties.IsEmpty);

    /// <summary>The lead of a joint that is made by hands.</summary>
    public static MadeLead Of(Graft graft, JointReview review)
    {
        var rows = LeadRows.Of(graft, review);
        var sheet = MeterSheets.Of(review.Joint, new PortGrid(review.From.Port), new PortGrid(review.To.Port));
        return new MadeLead(review, rows, sheet.With(review.Joint.Tests), sheet.Unseen, [.. First(rows)]);
    }

    /// <summary>Whether it carries a supply, so that a slip in it destroys something.</summary>
    public bool CarriesSupply => Rows.Any(row => row.Signal.Family == SignalFamily.Supply);

    /// <summary>Lines that read otherwise than they must.</summary>
    public IEnumerable<SheetLine<LeadEnd>> Wrong => Sheet.Where(line => line.IsRight == false);

    /// <summary>Whether every line was read and is right.</summary>
    public bool IsProven => Sheet.All(line => line.IsRight == true);

    // What is on while the machine is off first, then from the lowest voltage up: the mildest mistake is found first.
    private static IEnumerable<FirstVoltage> First(IEnumerable<LeadRow> rows)
        => from row in rows
           where row.Signal.SupplyVoltage is not null
           let volts = row.Signal.SupplyVoltage!.Value
           let margin = Math.Abs(volts.Value) * Tolerances.Of(volts)
           orderby row.Signal.IsStandby descending, Math.Abs(volts.Value), row.To
           select new FirstVoltage(row.To, volts, new Volts(volts.Value - margin), new Volts(volts.Value + margin), row.Signal.IsStandby);
}
