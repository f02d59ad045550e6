using System.Collections.Immutable;
using CsCheck;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Leads;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

public sealed class MeterSheetTests
{
    // A lead of up to 24 wires between two grids, at most one ring-free net after another.
    private static readonly Gen<(PortGrid From, PortGrid To, Conductor[] Wires)> Leads =
        Gen.Select(Gen.Int[1, 2], Gen.Int[2, 12], Gen.Int[1, 2], Gen.Int[2, 12], Gen.Int[1, 24], Gen.Int)
            .Select((fromRows, fromColumns, toRows, toColumns, count, seed) =>
        {
            var (from, to, random) = (Grid(fromRows, fromColumns), Grid(toRows, toColumns), new Random(seed));
            var joined = new LeadNets<LeadEnd>();
            var wires = new List<Conductor>();
            for (var turn = 0; turn < count; turn++)
            {
                var wire = new Conductor(random.Next(fromRows * fromColumns) + 1, random.Next(toRows * toColumns) + 1);
                // Mostly one to one, now and then several wires on one position; a wire that closes a ring is a case of its own.
                var isUsed = wires.Any(other => other.From == wire.From || other.To == wire.To);
                if ((!isUsed || random.Next(4) == 0) && joined.Join(new LeadEnd(true, wire.From), new LeadEnd(false, wire.To))) wires.Add(wire);
            }

            return (from, to, wires.ToArray());
        });

    [Fact]
    public void Every_single_open_misplaced_or_touching_wire_shows_on_the_sheet()
        => Leads.Hold((from, to, wires) =>
        {
            var sheet = Sheet(from, to, wires);
            var whole = Nets(wires);
            Assert.Empty(sheet.Unseen);
            Assert.All(sheet.Tests, test => Assert.Equal(test.MustBeep, whole.Joins(test.One, test.Other)));
            foreach (var (fault, nets) in Faults(from, to, wires).Where(fault => Differs(whole, fault.Nets, wires)))
                Assert.True(sheet.Tests.Any(test => nets.Joins(test.One, test.Other) != test.MustBeep), fault);
        }, iter: 100);

    [Fact]
    public void No_smaller_sheet_finds_them_all()
        => Leads.Where(lead => lead.Wires.Length is > 0 and <= 4 && lead.From.Columns * lead.From.Rows + (lead.To.Columns * lead.To.Rows) <= 12)
            .Hold((from, to, wires) =>
        {
            var whole = Nets(wires);
            var faults = Faults(from, to, wires).Where(fault => Differs(whole, fault.Nets, wires)).Select(fault => fault.Nets).ToArray();
            var ends = wires.SelectMany(wire => new[] { new LeadEnd(true, wire.From), new LeadEnd(false, wire.To) }).Distinct().ToArray();
            var finds = (from one in ends
                         from other in ends
                         where one < other
                         select faults.Select(nets => nets.Joins(one, other) != whole.Joins(one, other)).ToArray()).ToArray();
            var size = Sheet(from, to, wires).Tests.Length;
            Assert.False(Covers(finds, faults.Length, size - 1, new bool[faults.Length], 0), $"{size - 1} lines would do");
        }, iter: 40);

    [Fact]
    public void A_net_of_three_ends_takes_two_beeps_and_neighbours_of_one_pair_of_nets_one_silence()
    {
        // Two grounds of the header on one ground of the plug, and +5 V beside them.
        var sheet = Sheet(Grid(1, 4), Grid(1, 3), [new(1, 1), new(2, 2), new(3, 2)]);
        Assert.Equal(["from-1 to-1 beep", "from-2 from-3 beep", "from-1 from-2 silent"],
            sheet.Tests.Select(test => $"{test.One} {test.Other} {(test.MustBeep ? "beep" : "silent")}"));
    }

    [Fact]
    public void A_line_says_what_it_proves()
    {
        var sheet = MeterSheet<LeadEnd>.For([(new LeadEnd(true, 1), new LeadEnd(false, 1)), (new LeadEnd(true, 2), new LeadEnd(false, 2)),
            (new LeadEnd(true, 2), new LeadEnd(false, 3))], []);
        Assert.Equal(["this wire, whole and in its place", "two wires of one net, whole and in their places"], sheet.Tests.Select(test => test.Because));
    }

    [Fact]
    public void Neighbours_lie_side_by_side_in_rows_and_columns()
    {
        var grid = new PortGrid(Bench.Header("ground,ground,ground,ground,ground,ground", rows: 2));
        Assert.Equal([(1, 2), (1, 3), (2, 4), (3, 4), (3, 5), (4, 6), (5, 6)],
            MeterSheets.Neighbours(grid, position => position).Select(pair => pair.One < pair.Other ? pair : (pair.Other, pair.One)).Order());
    }

    // Fans and lights take 20 mA at their signals, sound 50, all else 10; of a supply of which nobody knows an ampere is taken, and grounds bring it back.
    [Theory]
    [InlineData("fan-tacho", 0.02)]
    [InlineData("power-light+", 0.02)]
    [InlineData("line-left", 0.05)]
    [InlineData("power-switch", 0.01)]
    [InlineData("+5 V", 1)]
    [InlineData("ground", 0.01)]
    public void What_a_wire_is_sized_for(string signal, double amps)
    {
        var graft = Bench.Joined(Bench.Header(signal), Bench.Plug(signal), JointMethod.Rebuild, (1, 1));
        Assert.Equal(amps, Assert.Single(LeadRows.Of(graft, Review.Of(graft).Wire.Joints[0])).Current.Value, 9);
    }

    [Theory]
    [InlineData(null, null, null)] // nobody measured
    [InlineData(null, 500.0, 0.0842)] // 24 AWG is the thinnest that loses no more than a fiftieth, 2 · 0.5 · 0.0842 · 1
    [InlineData(22, 500.0, 0.053)]
    [InlineData(22, 250.0, 0.0265)]
    public void What_a_lead_is_made_of_says_what_it_takes_of_the_voltage(int? awg, double? lengthMm, double? volts)
    {
        var graft = Bench.Joined(Bench.Header("+5 V"), Bench.Plug("+5 V"), JointMethod.Rebuild, (1, 1));
        var length = lengthMm is { } measured ? new Millimetres(measured) : (Millimetres?)null;
        var row = Assert.Single(LeadRows.Of(graft, Review.Of(graft with { Joints = [graft.Joints[0] with { Awg = awg, Length = length }] }).Wire.Joints[0]));
        Assert.Equal(volts is null, row.Drop is null);
        Assert.Equal(volts ?? 0, row.Drop?.Value ?? 0, 9);
    }

    [Fact]
    public void A_gauge_bears_just_what_its_table_says()
        => Assert.All(WireGauge.All.Where(gauge => gauge.Awg <= 26),
            gauge => Assert.Equal(gauge, LeadRows.Thinnest(new Amps(gauge.Amps), Bench.Signal("power-switch"), null)));

    // 5 V bear 0.1 V: 22 AWG at 0.053 ohm a metre, half a metre there and back, 1.88 A.
    [Theory]
    [InlineData(1.88, 22)]
    [InlineData(1.89, 20)]
    public void A_fiftieth_of_the_voltage_is_what_a_lead_may_take(double amps, int awg)
        => Assert.Equal(awg, LeadRows.Thinnest(new Amps(amps), Bench.Signal("+5 V"), 500)!.Awg);

    [Fact]
    public void A_wire_that_closes_a_ring_is_named_as_one_the_meter_cannot_see()
    {
        var sheet = Sheet(Grid(1, 2), Grid(1, 2), [new(1, 1), new(1, 2), new(2, 1), new(2, 2)]);
        Assert.Equal(new Conductor(2, 2).Ends, Assert.Single(sheet.Unseen));
    }

    [Fact]
    public void The_results_gate_the_joint_and_another_wire_table_is_another_lead()
    {
        var graft = Joined(Header("+5 V,ground"), Plug("+5 V,ground"), JointMethod.Rebuild, (1, 1), (2, 2));
        Assert.Contains(Findings(graft), finding => finding.Rule.Code == "WIRE-040");
        Assert.Equal((Severity.Check, "two wires; no power before its meter sheet is read"), (Joint(graft).Worst, Joint(graft).Verdict.Because));
        var tested = Tested(graft, ("from-1", "to-1", true), ("from-2", "to-2", true), ("from-1", "from-2", false));
        Assert.DoesNotContain(Findings(tested), finding => finding.Rule.Code is "WIRE-040" or "WIRE-041");
        Assert.Equal("two wires; proven by the meter", Joint(tested).Verdict.Because);
        var shorted = Tested(tested, ("from-1", "from-2", true));
        Assert.Equal(Severity.Stop, Findings(shorted).Single(finding => finding.Rule.Code == "WIRE-041").Severity);
        Assert.Equal((JointVerdictKind.WouldDamage, "the made lead is wrong"), (Joint(shorted).Verdict.Kind, Joint(shorted).Verdict.Words));
        var other = tested.WithJoint("joint", joint => joint with { Wires = [new Conductor(1, 1)] });
        Assert.Empty(other.Joints[0].Tests);
        Assert.Equal(3, tested.WithJoint("joint", joint => joint with { Reason = "because" }).Joints[0].Tests.Length);
    }

    [Theory]
    [InlineData(0.01, "ground", null, 26)] // as thin as a hand can crimp
    [InlineData(1.5, "+5 V", 300.0, 24)] // 26 AWG bears 1.3 A
    [InlineData(1.9, "+5 V", 600.0, 20)] // 24 AWG would take 0.19 V of 5 V, 22 AWG 0.12 V
    [InlineData(6.0, "+12 V", 500.0, 18)]
    [InlineData(11.0, "+12 V", 500.0, null)]
    public void The_thinnest_wire_that_bears_the_current_and_keeps_the_voltage(double amps, string signal, double? lengthMm, int? awg)
        => Assert.Equal(awg, LeadRows.Thinnest(new Amps(amps), Signal(signal), lengthMm)?.Awg);

    [Fact]
    public void Current_is_shared_by_the_wires_of_one_supply_and_comes_back_by_the_grounds()
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 4), Draw("+5 V", 2)) with { Joints = [] };
        var (plug, header) = (Plug("+12 V,+12 V,+5 V,ground,ground") with { LeadLength = new Millimetres(400) }, Header("+12 V,+12 V,+5 V,ground,ground"));
        graft = graft.WithPart("supply", part => part with { Ports = [plug] }).WithPart("board", part => part with { Ports = [header] }) with
        {
            Joints = [new Joint("joint", new PortId("board", "header"), new PortId("supply", "plug"), JointMethod.Rebuild)
            {
                Wires = [.. Enumerable.Range(1, 5).Select(position => new Conductor(position, position))],
            }],
        };
        var lead = MadeLead.Of(graft, Review.Of(graft).Wire.Joints[0]);
        Assert.Equal([2, 2, 2, 3, 3], lead.Rows.Select(row => row.Current.Value));
        Assert.Equal([(3, 5), (1, 12), (2, 12)], lead.FirstPower.Select(volts => (volts.Position, volts.Nominal.Value)));
        Assert.Equal((4.75, 5.25), (lead.FirstPower[0].Low.Value, lead.FirstPower[0].High.Value));
        // Twice 0.4 m of 22 AWG at 2 A.
        Assert.Equal(2 * 0.4 * lead.Rows[0].Gauge!.OhmPerMetre * 2, lead.Rows[0].Drop!.Value.Value, 9);
    }

    [Fact]
    public void A_boards_outlet_is_sized_by_what_is_plugged_into_it_not_by_what_the_board_takes()
    {
        var graft = Joined(Header("+12 V,ground"), Plug("+12 V,ground"), JointMethod.Splice, (1, 1), (2, 2))
            .WithPart("shell", part => part with { Kind = PartKind.Fan }) with
        {
            Supplies = [SmallSupply() with { Part = "board" }],
            Loads = [Hung("all", "board", "supply") with { Draws = [Draw("+12 V", 7)] }, Hung("fan", "shell", "supply") with { Draws = [Draw("+12 V", 0.2)] }],
        };
        Assert.Equal([0.2, 0.2], MadeLead.Of(graft, Review.Of(graft).Wire.Joints[0]).Rows.Select(row => row.Current.Value));
    }

    private static IEnumerable<(string Fault, LeadNets<LeadEnd> Nets)> Faults(PortGrid from, PortGrid to, Conductor[] wires)
    {
        for (var index = 0; index < wires.Length; index++)
        {
            var (wire, others) = (wires[index], wires.Where((_, other) => other != index).ToArray());
            yield return ($"{wire} open", Nets(others));
            for (var position = 1; position <= from.Rows * from.Columns; position++)
                if (position != wire.From) yield return ($"{wire} begins at {position}", Nets([.. others, wire with { From = position }]));
            for (var position = 1; position <= to.Rows * to.Columns; position++)
                if (position != wire.To) yield return ($"{wire} ends at {position}", Nets([.. others, wire with { To = position }]));
            foreach (var other in wires.Skip(index + 1).Where(other => IsAlone(wires, wire) && IsAlone(wires, other)))
                yield return ($"{wire} and {other} exchanged",
                    Nets([.. others.Where(each => each != other), wire with { To = other.To }, other with { To = wire.To }]));
        }

        foreach (var (one, other) in Ends(from, true).Concat(Ends(to, false)))
        {
            if (IsUsed(wires, one) && IsUsed(wires, other))
                yield return ($"{one} touches {other}", new LeadNets<LeadEnd>([.. wires.Select(wire => wire.Ends), (one, other)]));
        }
    }

    private static MeterSheet<LeadEnd> Sheet(PortGrid from, PortGrid to, params Conductor[] wires)
        => MeterSheets.Of(new Joint("joint", new PortId("a", "a"), new PortId("b", "b"), JointMethod.Rebuild) { Wires = [.. wires] }, from, to);

    private static LeadNets<LeadEnd> Nets(params Conductor[] wires) => new(wires.Select(wire => wire.Ends));

    private static IEnumerable<(LeadEnd One, LeadEnd Other)> Ends(PortGrid grid, bool isFrom)
        => MeterSheets.Neighbours(grid, position => new LeadEnd(isFrom, position));

    private static bool IsAlone(Conductor[] wires, Conductor wire) => wires.Count(other => other.From == wire.From || other.To == wire.To) == 1;

    private static bool IsUsed(Conductor[] wires, LeadEnd end) => wires.Any(wire => end.IsFrom ? wire.From == end.Position : wire.To == end.Position);

    // Grounds that change places among themselves are no fault: the nets of the ends in use stay as they are.
    private static bool Differs(LeadNets<LeadEnd> whole, LeadNets<LeadEnd> other, Conductor[] wires)
    {
        var ends = wires.SelectMany(wire => new[] { new LeadEnd(true, wire.From), new LeadEnd(false, wire.To) }).Distinct().ToArray();
        return ends.Any(one => ends.Any(end => whole.Joins(one, end) != other.Joins(one, end)));
    }

    private static bool Covers(bool[][] finds, int faults, int left, bool[] found, int from)
    {
        var missing = Array.IndexOf(found, false);
        if (missing < 0) return true;
        if (left == 0 || faults == 0) return false;
        return finds.Any(test => test[missing] && Covers(finds, faults, left - 1, [.. found.Zip(test, (before, now) => before || now)], from));
    }

    private static PortGrid Grid(int rows, int columns)
        => new(new Port("p", "p", ConnectorTypes.Find("pin-header")!, Gender.Male) { OwnRows = rows, OwnColumns = columns });

    private static JointReview Joint(Graft graft) => Review.Of(graft).Wire.Joints[0];

    private static ImmutableArray<Finding> Findings(Graft graft) => Review.Of(graft).Findings;

    private static Graft Tested(Graft graft, params (string One, string Other, bool Beeped)[] results)
        => graft.WithJoint("joint",
            joint
            => joint with
            {
                Tests = [
            .. joint.Tests, .. results.Select(
            result => new ContinuityTest<LeadEnd>(LeadEnd.Parse(result.One)!.Value, LeadEnd.Parse(result.Other)!.Value, result.Beeped, default))]
            });
}
