using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>What is used up, and the tools that it takes, where a joint is made by hand.</summary>
internal static class LeadNeeds
{
    // A join takes about so much tube, and a wire is cut so much longer than it lies (common practice).
    private const double TubeMetres = 0.04;
    private const double CutSpareMetres = 0.05;

    // Where nobody said how long a lead is, as leads inside a shell usually are (common practice).
    private const double UsualMetres = 0.3;

    // A reel of solder lasts for so many joins (common practice).
    private const double JoinsOfReel = 500;

    public static IEnumerable<(Ware Ware, NeedAsk Ask)> Of(Graft graft, WireReview wire)
    {
        // Several leads that are crimped for one header share its housing.
        var housed = new HashSet<PortId>();
        return from review in graft.Joints.Select(joint => wire.Find(joint.Id)).OfType<JointReview>()
               from each in Of(graft, review)
               where each.SharedAt is not { } port || housed.Add(port)
               select (each.Ware, new NeedAsk(Stage.Wire, new JointSubject(review.Joint.Id), WareWords.Of(review.Joint, graft), each.Amount));
    }

    /// <summary>What one joint takes, made as it stands in its review; with the header of what it shares with others that are made for the same one.</summary>
    public static IEnumerable<(Ware Ware, double Amount, PortId? SharedAt)> Of(Graft graft, JointReview review)
        => MadeLead.IsMade(review.Joint) && review.Joint.Method != JointMethod.Adapter ? For(review, MadeLead.Of(graft, review)) : [];

    private static IEnumerable<(Ware Ware, double Amount, PortId? SharedAt)> For(JointReview review, MadeLead made)
    {
        var (wires, ties) = (made.Rows.Length, review.Joint.Ties.Length);
        yield return (Ware.Tool("meter"), 1, null);
        switch (review.Joint.Method)
        {
            case JointMethod.Repin:
                yield return (Ware.Tool("terminal tool or slim blade"), 1, null);
                if (ties > 0) yield return (Ware.Tool("crimping pliers"), 1, null);
                break;
            case JointMethod.Bridge:
                foreach (var (ware, amount) in OnBoard(wires + ties)) yield return (ware, amount, null);
                break;
            default:
                foreach (var each in Ends(review, made)) yield return each;
                break;
        }

        // A home-made lead that carries a supply is fused before it meets a drive.
        if (review.Joint.Method is JointMethod.Splice or JointMethod.Rebuild && made.CarriesSupply)
            yield return (new Ware(WareKind.Fuse) { Amps = LeastBorne(review, made) }, 1, null);
    }

    // It guards the wire behind it: no more than its thinnest supply wire bears. Of wires that are there and of which nobody read the gauge there is no figure.
    private static Amps? LeastBorne(JointReview review, MadeLead made)
        => review.Joint.Awg is null && !IsWhole(review) ? null
            : new Amps(made.Rows.Where(row => row.Signal.Family is SignalFamily.Supply or SignalFamily.Ground)
                .Min(row => WireGauge.Of(GaugeOf(review, row)).Amps));

    private static bool IsWhole(JointReview review) => review.Joint.Method == JointMethod.Rebuild && review.To.Port.Type.Housing != Housing.Loose;

    private static int GaugeOf(JointReview review, LeadRow row) => review.Joint.Awg ?? row.Gauge?.Awg ?? WireGauge.Usual;

    private static IEnumerable<(Ware, double)> OnBoard(int joins)
    {
        yield return (Ware.Tool("fine soldering iron"), 1);
        yield return (Ware.Tool("magnifier"), 1);
        yield return (new Ware(WareKind.Solder), joins / JoinsOfReel);
        yield return (new Ware(WareKind.HeatShrink), joins * TubeMetres);
    }

    // A plug for the header is crimped on; a lead made from scratch has one at its other end as well.
    private static IEnumerable<(Ware, double, PortId?)> Ends(JointReview review, MadeLead made)
    {
        var isWhole = IsWhole(review);
        var ends = new[] { review.From }.Concat(isWhole ? [review.To] : []).Where(end => end.Port.Type.Housing != Housing.Loose).ToArray();
        foreach (var end in ends)
        {
            yield return (new Ware(WareKind.Housing) { Word = HousingOf(end.Port) }, 1, end.Id);
            yield return (new Ware(WareKind.Terminal) { Word = TerminalOf(end.Port) }, made.Rows.Length, null);
        }

        if (ends.Length > 0) yield return (Ware.Tool("crimping pliers"), 1, null);
        yield return (Ware.Tool("cutter and stripper"), 1, null);
        yield return (new Ware(WareKind.HeatShrink), made.Rows.Length * TubeMetres, null);
        if (!isWhole) yield break;
        var metres = (review.Joint.Length is { } length ? length.Value / 1000 : UsualMetres) + CutSpareMetres;
        foreach (var row in made.Rows)
            yield return (new Ware(WareKind.Wire) { Awg = GaugeOf(review, row), Word = row.Colour }, metres, null);
    }

    private static string HousingOf(Port port) => port.Type.Housing == Housing.Header
        ? FormattableString.Invariant($"{port.Rows}×{port.Columns}, {port.Pitch.Value:0.00#} mm")
        : $"for {port.Type.Name}";

    private static string TerminalOf(Port port) => port.Type.Housing == Housing.Header
        ? FormattableString.Invariant($"{port.Pitch.Value:0.00#} mm")
        : $"for {port.Type.Name}";
}
