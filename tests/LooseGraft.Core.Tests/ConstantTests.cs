using LooseGraft.Core.Circuit;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Leads;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests;

/// <summary>Constants of Wire and Feed, just inside and just outside.</summary>
public sealed class ConstantTests
{
    [Theory]
    [InlineData("+12 V", "+12.6 V", false)] // 0.6 of 12.6 is 4.8 %
    [InlineData("+12 V", "+12.7 V", true)] // 5.5 %
    [InlineData("+5 V", "+5.26 V", false)]
    [InlineData("+5 V", "+5.27 V", true)]
    [InlineData("+3.3 V", "+3.5 V", true)]
    public void Supplies_within_a_twentieth_are_the_same(string one, string other, bool differ)
        => Assert.Equal(differ,
            ContactRules.Judge(new Terminal(Pin(1, one), PartKind.Board), new Terminal(Pin(1, other), PartKind.Board)).Rule?.Code == "WIRE-011");

    [Theory]
    [InlineData(3.66, false)] // 0.36 of 3.66 is 9.8 %
    [InlineData(3.68, true)] // 10.3 %
    public void Logic_levels_within_a_tenth_are_the_same(double level, bool differ)
        => Assert.Equal(differ,
            Review.Of(Joined(At(3.3), Plug("clock") with { Pins = At(level).Pins })).Findings.Any(finding => finding.Rule.Code == "WIRE-017"));

    [Theory]
    [InlineData(7, false)] // six gaps of 0.06 mm are 0.36 mm off
    [InlineData(8, true)] // seven are 0.42 mm
    public void A_plug_of_another_pitch_goes_on_while_its_last_position_is_less_than_04_mm_off(int positions, bool isRefused)
    {
        var (header, plug) = (
            Header(string.Join(',', Enumerable.Repeat("none", positions))),
            Plug(string.Join(',', Enumerable.Repeat("none", positions))) with { OwnPitch = new Millimetres(2.60) });
        Assert.Equal(isRefused, PlugFit.Problems(header, plug).Any(problem => problem.Rule.Code == "WIRE-031"));
    }

    [Fact]
    public void A_keying_of_its_own_counts_and_not_that_of_its_type()
    {
        var header = Header("ground,ground,+12 V,+12 V", "cpu-power-4", rows: 2);
        var plug = Header("ground,ground,+12 V,+12 V", "cpu-power-4", Gender.Female, rows: 2);
        Assert.Empty(PlugFit.Problems(header, plug));
        Assert.Equal("WIRE-032", Assert.Single(PlugFit.Problems(header, plug with { OwnKeying = Keying.None })).Rule.Code);
        Assert.True(PlugFit.IsWalled(Header("none") with { OwnKeying = Keying.Shroud }));
    }

    [Theory]
    [InlineData(1, 6.9, false)]
    [InlineData(1, 7.1, true)]
    [InlineData(2, 10.4, false)] // of two that share unevenly the one takes two thirds of 10.5 A
    [InlineData(2, 10.6, true)]
    public void Each_wire_of_a_string_bears_its_share(int wires, double amps, bool isOver)
    {
        var lead = new SupplyLead("s", "string") { Awg = 18, WiresEach = wires, Plugs = [new SupplyPlug("a", ConnectorTypes.Find("power-block")!)] };
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(100))], Combined = [], Total = null, Leads = [lead] },
            Draw("+12 V", amps));
        graft = graft with { Loads = [graft.Loads[0].At("s/a")] };
        Assert.Equal(isOver, Review.Of(graft).Findings.Any(finding => finding.Rule.Code == "FEED-011"));
    }

    [Fact]
    public void What_hangs_on_another_supply_is_taken_for_a_converter_and_what_hangs_on_the_wall_for_a_poor_supply()
    {
        Supply Hanging(string? on, EfficiencyClass? known)
            => SmallSupply() with { Id = "hanging", Meant = on is null ? null : new MeantInput(on, "+12 V"), Class = known };
        (double, double, double) At(Supply supply) => Flows(Fed(SmallSupply()) with { Supplies = [SmallSupply(), supply] }).EfficiencyAt(supply, new Watts(60));
        Assert.Equal(At(Hanging("supply", EfficiencyClass.Converter)), At(Hanging("supply", null)));
        Assert.Equal(At(Hanging(null, EfficiencyClass.Unlabelled)), At(Hanging(null, null)));
        Assert.NotEqual(At(Hanging("supply", null)), At(Hanging(null, null)));
    }

    [Fact]
    public void A_negative_rail_may_be_off_by_a_tenth_at_first_power()
    {
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("-12 V"), Limit(1))] })
            .WithPart("supply", part => part with { Ports = [Plug("-12 V,ground")] })
            .WithPart("board", part => part with { Ports = [Header("-12 V,ground")] }) with
        {
            Joints = [new Joint("joint", new PortId("board", "header"), new PortId("supply", "plug"), JointMethod.Rebuild)
            {
                Wires = [new Conductor(1, 1), new Conductor(2, 2)],
            }],
        };
        var volts = Assert.Single(MadeLead.Of(graft, Review.Of(graft).Wire.Joints[0]).FirstPower);
        Assert.Equal((-12, -13.2, -10.8), (volts.Nominal.Value, Math.Round(volts.Low.Value, 6), Math.Round(volts.High.Value, 6)));
    }

    [Theory]
    [InlineData(0.49, false)] // starting at twice as much, just under the ampere a header bears
    [InlineData(0.51, true)]
    public void A_fan_that_starts_takes_twice_what_it_takes_running(double amps, bool isOver)
    {
        var graft = Joined(Header("ground,+12 V,fan-tacho", "fan-3"), Plug("ground,+12 V,fan-tacho", "fan-3"))
            .WithPart("shell", part => part with { Kind = PartKind.Fan }) with
        {
            Loads = [Hung("fan", "shell", "supply") with { Draws = [Draw("+12 V", amps)] }],
        };
        Assert.Equal(isOver, Review.Of(graft).Findings.Any(finding => finding.Rule.Code == "WIRE-065"));
        Assert.Equal(2 * amps,
            Flows(graft with { Parts = graft.Parts.Add(new Part("supply", "supply", PartKind.Supply)), Supplies = [SmallSupply()] })
            .Of(SmallSupply())[0].Flow.At(LoadCase.Start).Likely.Value, 9);
    }

    private static Port At(double volts) => Header("clock") with { Pins = [Pin(1, "clock") with { Level = new Volts(volts) }] };
}
