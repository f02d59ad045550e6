using CsCheck;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Tests.Wire;

public sealed class ContactRulesTests
{
    private static readonly Gen<string> Supply = Gen.OneOf("+12 V", "+5 V", "+5 V standby", "-12 V");

    private static readonly Gen<Terminal> AnyTerminal = Carrying(Gen.OneOf(Supply, Gen.OneOf("ground", "none", "unknown", "power-switch", "reset-switch",
        "power-light+", "power-light-", "fan-tacho", "supply-on", "serial-transmit", "serial-receive", "lid-sense", "a signal of my own")));

    private static Gen<Terminal> Carrying(Gen<string> signals) =>
        from signal in signals
        from evidence in Gen.Enum<Evidence>()
        from contact in Gen.Enum<ContactState>()
        from direction in Gen.Enum<SignalDirection>()
        from level in Gen.OneOf<Volts?>(null, Volts.Zero, new Volts(3.3), new Volts(5), new Volts(12))
        from kind in Gen.OneOf(PartKind.Board, PartKind.Panel, PartKind.Supply, PartKind.Fan)
        select new Terminal(Bench.Pin(1, signal, evidence) with { Contact = contact, Direction = direction, Level = level }, kind);

    // Made to conduct rather than chosen among all: one pair in sixteen would do, and a generator gives up looking.
    private static Gen<Terminal> Wired(Gen<string> signals)
        => Carrying(signals).Select(terminal => terminal with { Pin = terminal.Pin with { Contact = ContactState.Wired } });

    [Fact]
    public void It_never_matters_which_pin_is_named_first()
        => AnyTerminal.Select(AnyTerminal).Hold((one, other) =>
        {
            var (there, back) = (ContactRules.Judge(one, other), ContactRules.Judge(other, one));
            Assert.Equal(there.Outcome, back.Outcome);
            Assert.Equal(there.Severity, back.Severity);
            Assert.Equal(there.Evidence, back.Evidence);
        });

    [Fact]
    public void A_supply_of_a_board_on_ground_is_a_stop_whatever_else_is_said_of_the_pins()
        => Wired(Supply).Select(Wired(Gen.Const("ground"))).Where((one, other) => one.Role.Feeds && other.Is(RoleKind.Ground)).Hold((one, other) =>
            Assert.Equal(ConflictKind.SupplyToGround, ContactRules.Judge(one, other).Conflict));

    [Theory]
    [InlineData("power-switch", "power-switch", null)]
    [InlineData("ground", "ground", null)]
    [InlineData("ground", "power-light-", null)]
    [InlineData("power-light+", "power-light-", ConflictKind.LightReversed)]
    [InlineData("power-light+", "drive-light+", ConflictKind.OtherSignal)]
    [InlineData("power-switch", "reset-switch", ConflictKind.OtherSignal)]
    [InlineData("+5 V", "+5 V", null)]
    [InlineData("+5 V", "+5 V standby", ConflictKind.NotStandby)]
    [InlineData("+5 V", "power-light+", ConflictKind.LightBurns)]
    [InlineData("+12 V", "power-switch", ConflictKind.SupplyBeyondSignal)]
    [InlineData("serial-receive", "serial-receive", ConflictKind.OtherSignal)]
    [InlineData("usb1-data+", "usb1-data-", ConflictKind.OtherSignal)]
    [InlineData("unknown", "+12 V", ConflictKind.NotKnown)]
    public void A_board_pin_against_a_pin_of_the_shell(string board, string shell, ConflictKind? expected)
    {
        var judgement = Judge(Bench.Pin(1, board), Bench.Pin(1, shell));
        Assert.Equal((expected, expected is null), (judgement.Conflict, judgement.IsRight));
    }

    [Theory]
    [InlineData("+12 V", "none")]
    [InlineData("ground", "power-light+")]
    public void What_hangs_on_another_leg_alone_is_neither_right_nor_wrong(string board, string shell)
        => Assert.Equal(ContactOutcome.Idle, Judge(Bench.Pin(1, board), Bench.Pin(1, shell)).Outcome);

    [Theory]
    [InlineData("ground", "ground", "ground to ground")]
    [InlineData("panel-sense", "ground", "panel-sense joined to ground, as it wants")]
    [InlineData("ground", "panel-sense", "panel-sense joined to ground, as it wants")]
    [InlineData("power-switch", "power-switch", "power-switch: a switch has no polarity, either way is right")]
    [InlineData("+5 V", "drive-power-enable", "drive-power-enable fed with +5 V, as it wants")]
    [InlineData("serial-transmit", "serial-receive", "serial-transmit, right")]
    public void What_is_right_says_why(string board, string shell, string words)
    {
        static Volts? Level(string signal) => signal switch { "panel-sense" => Volts.Zero, "drive-power-enable" => new Volts(5), _ => null };
        static Pin Wanted(string signal) => Bench.Pin(1, signal) with { Level = Level(signal) };
        Assert.Equal(words, Judge(Wanted(board), Wanted(shell)).Words);
    }

    [Theory]
    [InlineData("+12 V", "+12 V", null)]
    [InlineData("+12 V", "+5 V", ConflictKind.SupplyToSupply)]
    [InlineData("+12 V", "ground", ConflictKind.SupplyToGround)]
    [InlineData("serial-transmit", "serial-receive", null)]
    [InlineData("power-good", "+12 V", ConflictKind.SupplyBeyondSignal)]
    [InlineData("power-good", "supply-on", ConflictKind.LabelDiffers)]
    [InlineData("+12 V", "unknown", ConflictKind.NotKnown)]
    public void By_itself_a_lead_is_taken_by_its_label(string board, string label, ConflictKind? expected)
        => Assert.Equal(expected,
            ContactRules.Judge(new Terminal(Bench.Pin(1, board), PartKind.Board), new Terminal(Bench.Pin(1, label), PartKind.Lead)).Conflict);

    [Fact]
    public void Two_leads_carry_on_what_their_labels_say()
    {
        static Terminal Lead(string label) => new(Bench.Pin(1, label), PartKind.Lead);
        Assert.True(ContactRules.Judge(Lead("+12 V"), Lead("+12 V")).IsRight);
        Assert.Equal(ConflictKind.SupplyToSupply, ContactRules.Judge(Lead("+12 V"), Lead("+5 V")).Conflict);
        Assert.Equal(ConflictKind.LabelDiffers, ContactRules.Judge(Lead("supply-on"), Lead("power-good")).Conflict);
        Assert.Equal(ConflictKind.NotKnown, ContactRules.Judge(Lead("+12 V"), Lead("unknown")).Conflict);
    }

    [Fact]
    public void What_the_shape_forbids_goes_before_what_the_circuit_says()
    {
        var blocked = new Pin(1) { Contact = ContactState.Blocked };
        Assert.Equal("WIRE-001", Judge(blocked, Bench.Pin(1, "ground")).Rule?.Code);
        Assert.Equal("WIRE-003", Judge(new Pin(1) { Contact = ContactState.Unwired }, Bench.Pin(1, "ground")).Rule?.Code);
        Assert.Equal(ContactOutcome.Idle, Judge(new Pin(1) { Contact = ContactState.Absent }, Bench.Pin(1, "ground")).Outcome);
    }

    [Theory]
    [InlineData("+5 V", 6.3, null)]
    [InlineData("+12 V", 6.3, ConflictKind.LightBurns)]
    [InlineData("-12 V", 12.0, null)]
    [InlineData("-12 V", 6.3, ConflictKind.LightBurns)]
    public void A_lamp_takes_a_supply_up_to_what_it_is_made_for(string supply, double rating, ConflictKind? expected)
        => Assert.Equal(expected, Judge(Bench.Pin(1, supply), Bench.Pin(1, "scale-lamp+") with { Level = new Volts(rating) }).Conflict);

    [Fact]
    public void An_enable_contact_is_fed_right_only_at_its_own_level()
    {
        var enable = Bench.Pin(1, "drive-power-enable") with { Level = new Volts(5) };
        Assert.True(Judge(Bench.Pin(1, "+5 V"), enable).IsRight);
        Assert.Equal(ConflictKind.SupplyBeyondSignal, Judge(Bench.Pin(1, "+12 V"), enable).Conflict);
    }

    private static ContactJudgement Judge(Pin board, Pin shell) => ContactRules.Judge(new Terminal(board, PartKind.Board), new Terminal(shell, PartKind.Panel));
}
