using CsCheck;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
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
    public void A_supply_on_ground_is_a_stop_whatever_else_is_said_of_the_pins()
        => Wired(Supply).Select(Wired(Gen.Const("ground"))).Hold((one, other) =>
            Assert.Equal(ContactOutcome.SupplyToGround, ContactRules.Judge(one, other).Outcome));

    [Fact]
    public void Nothing_is_right_that_carries_a_supply_into_something_else()
        => Carrying(Supply).Select(Carrying(Gen.OneOf("power-switch", "fan-tacho", "a signal of my own")))
            .Hold((one, other) => Assert.False(ContactRules.Judge(one, other).IsRight));

    [Theory]
    [InlineData("power-switch", "power-switch", ContactOutcome.Switch)]
    [InlineData("ground", "ground", ContactOutcome.Right)]
    [InlineData("ground", "power-light-", ContactOutcome.Right)]
    [InlineData("ground", "power-light+", ContactOutcome.HeldAtGround)]
    [InlineData("+5 V", "+5 V standby", ContactOutcome.SupplyToSupply)]
    [InlineData("+5 V", "power-light+", ContactOutcome.SupplyIntoSignal)]
    [InlineData("serial-receive", "serial-receive", ContactOutcome.WrongSignal)]
    [InlineData("usb1-data+", "usb1-data-", ContactOutcome.WrongSignal)]
    [InlineData("unknown", "+12 V", ContactOutcome.Unknown)]
    [InlineData("none", "+12 V", ContactOutcome.Idle)]
    public void A_board_pin_against_a_pin_of_the_shell(string board, string shell, ContactOutcome expected)
        => Assert.Equal(expected, Judge(Bench.Pin(1, board), Bench.Pin(1, shell)).Outcome);

    [Fact]
    public void A_sense_input_that_wants_ground_is_right_on_ground_and_one_that_does_not_say_so_is_held()
    {
        var wanting = Bench.Pin(1, "panel-sense") with { Level = Volts.Zero };
        Assert.Equal(ContactOutcome.Right, Judge(wanting, Bench.Pin(1, "ground")).Outcome);
        Assert.Equal(ContactOutcome.HeldAtGround, Judge(Bench.Pin(1, "panel-sense"), Bench.Pin(1, "ground")).Outcome);
    }

    [Theory]
    [InlineData("+5 V", 6.3, ContactOutcome.Right)]
    [InlineData("+12 V", 6.3, ContactOutcome.SupplyIntoSignal)]
    [InlineData("-12 V", 12.0, ContactOutcome.SupplyIntoSignal)]
    public void A_lamp_takes_a_supply_up_to_what_it_is_made_for(string supply, double rating, ContactOutcome expected)
        => Assert.Equal(expected, Judge(Bench.Pin(1, supply), Bench.Pin(1, "scale-lamp+") with { Level = new Volts(rating) }).Outcome);

    [Fact]
    public void An_enable_contact_is_fed_right_only_at_its_own_level()
    {
        var enable = Bench.Pin(1, "drive-power-enable") with { Level = new Volts(5) };
        Assert.Equal(ContactOutcome.Right, Judge(Bench.Pin(1, "+5 V"), enable).Outcome);
        Assert.Equal(ContactOutcome.SupplyIntoSignal, Judge(Bench.Pin(1, "+12 V"), enable).Outcome);
    }

    private static ContactJudgement Judge(Pin board, Pin shell) => ContactRules.Judge(new Terminal(board, PartKind.Board), new Terminal(shell, PartKind.Panel));
}
