using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>Works out how each wire of a lead is made: its gauge by current and length, its colour, and what is done at each end.</summary>
public static class LeadRows
{
    /// <summary>The share of a supply's voltage that a lead may take, there and back: two fifths of the ±5 % that a rail may be off (ATX12V design
    /// guide).</summary>
    public const double DropShare = 0.02;

    // Signals carry milliamperes; thinner than 26 AWG breaks in a hand-made crimp before it grows warm.
    private const int ThinnestByHand = 26;

    private static readonly Dictionary<SignalFamily, Amps> UsualCurrents = new()
    {
        // A port of USB 2.0 gives half an ampere; a fan header about one (facts of either standard and common practice).
        [SignalFamily.Fan] = new Amps(0.02),
        [SignalFamily.Light] = new Amps(0.02),
        [SignalFamily.Audio] = new Amps(0.05),
    };

    private static readonly Amps SignalCurrent = new(0.01);
    private static readonly Amps UnknownSupplyCurrent = new(1);

    /// <summary>The rows of a joint's lead, in order of the first port's positions.</summary>
    /// <param name="graft">The graft, for what its loads draw.</param>
    /// <param name="review">The joint.</param>
    public static ImmutableArray<LeadRow> Of(Graft graft, JointReview review)
    {
        var wires = review.Joint.Wires;
        var lengthMm = LengthOf(review)?.Value;
        var sharing = wires.GroupBy(wire => Carried(review, wire)).ToDictionary(same => same.Key, same => same.Count());
        return [.. wires.OrderBy(wire => wire.From).ThenBy(wire => wire.To).Select(wire =>
        {
            var signal = Carried(review, wire);
            var current = new Amps(Drawn(graft, review, signal).Value / sharing[signal]);
            var gauge = Thinnest(current, signal, lengthMm);
            var drop = (Own(review.Joint) ?? gauge) is { } taken && lengthMm is { } length ? Drop(taken, current, length) : (Volts?)null;
            return new LeadRow(wire.From, wire.To, signal, review.To.At(wire.To).Pin.WireColour ?? WireColours.UsualFor(signal), current, gauge, drop,
                Work(review.Joint.Method, isFrom: true), Work(review.Joint.Method, isFrom: false));
        })];
    }

    /// <summary>How long a joint's lead is: as it is made, otherwise as long as the lead that one of its ports hangs on; null where nobody measured.</summary>
    public static Millimetres? LengthOf(JointReview review) => review.Joint.Length ?? review.To.Port.LeadLength ?? review.From.Port.LeadLength;

    /// <summary>The gauge that a joint's lead is made of; null where nobody said.</summary>
    public static WireGauge? Own(Joint joint) => joint.Awg is { } awg ? WireGauge.Of(awg) : null;

    /// <summary>What a wire takes of the voltage, there and back: twice its resistance times the current.</summary>
    public static Volts Drop(WireGauge gauge, Amps current, double lengthMm) => new(2 * gauge.OhmPerMetre * lengthMm / 1000 * current.Value);

    /// <summary>The thinnest gauge that bears the current and, on a supply, keeps the drop within <see cref="DropShare"/>; null when none does.</summary>
    public static WireGauge? Thinnest(Amps current, Signal signal, double? lengthMm)
        => WireGauge.All.OrderByDescending(gauge => gauge.Awg).FirstOrDefault(gauge => gauge.Awg <= ThinnestByHand && gauge.Amps >= current.Value
            && (signal.SupplyVoltage is not { } volts || lengthMm is not { } length
                || Drop(gauge, current, length).Value <= DropShare * Math.Abs(volts.Value)));

    // What either end says it carries: a nameless end takes the other's word.
    private static Signal Carried(JointReview review, Conductor wire)
    {
        var (from, to) = (review.From.At(wire.From).Signal, review.To.At(wire.To).Signal);
        return from.IsMeaningful ? from : to;
    }

    // A ground wire brings back what the supplies of the lead take out.
    private static Amps Drawn(Graft graft, JointReview review, Signal signal) => signal.Family switch
    {
        SignalFamily.Supply => Peak(graft, review, signal),
        SignalFamily.Ground => new Amps(review.Joint.Wires.Select(wire => Carried(review, wire)).Where(other => other.Family == SignalFamily.Supply).Distinct()
            .Sum(supply => Peak(graft, review, supply).Value)) is { Value: > 0 } back ? back : SignalCurrent,
        _ => UsualCurrents.GetValueOrDefault(signal.Family, SignalCurrent),
    };

    private static Amps Peak(Graft graft, JointReview review, Signal supply)
    {
        var fed = Giving(review.From.Part.Kind) >= Giving(review.To.Part.Kind) ? review.To.Part : review.From.Part;
        var drawn = graft.Loads.Where(load => load.Part == fed.Id).SelectMany(load => load.Draws).Where(draw => draw.Rail == supply.Name)
            .Sum(draw => draw.Peak.High.Value);
        return drawn > 0 ? new Amps(drawn) : UnknownSupplyCurrent;
    }

    // Supplies feed boards, and boards feed what is plugged into them.
    private static int Giving(PartKind kind) => kind switch
    {
        PartKind.Supply or PartKind.Brick or PartKind.Converter or PartKind.PassThrough => 2,
        PartKind.Board => 1,
        _ => 0,
    };

    private static string Work(JointMethod method, bool isFrom) => (method, isFrom) switch
    {
        (JointMethod.Repin, true) => "plug as it is",
        (JointMethod.Repin, false) => "move the terminal in the housing",
        (JointMethod.Splice, _) => "cut, join, heat-shrink",
        (JointMethod.Bridge, true) => "solder on the board",
        (JointMethod.Adapter, _) => "plug as bought",
        _ => "crimp a terminal",
    };
}
