using CsCheck;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>What two contacts do to each other on one net: one case and more for every row of the table, and each figure just inside and just
/// outside.</summary>
public sealed class NetRulesTests
{
    [Theory]
    [InlineData(PartKind.Board, "unknown", PartKind.Supply, "+12 V", ConflictKind.NotKnown, Severity.Check)]
    [InlineData(PartKind.Supply, "+12 V", PartKind.Board, "ground", ConflictKind.SupplyToGround, Severity.Stop)]
    [InlineData(PartKind.Supply, "+12 V", PartKind.Board, "chassis", ConflictKind.SupplyToGround, Severity.Stop)]
    [InlineData(PartKind.Board, "serial-transmit", PartKind.Other, "chassis", ConflictKind.HeldAtGround, Severity.Fix)]
    [InlineData(PartKind.Board, "ground", PartKind.Other, "chassis", null, Severity.Note)]
    [InlineData(PartKind.Supply, "+3.3 V", PartKind.Board, "keep-open", ConflictKind.MustStayOpen, Severity.Stop)]
    [InlineData(PartKind.Board, "keep-open", PartKind.Other, "ground", ConflictKind.MustStayOpen, Severity.Fix)]
    [InlineData(PartKind.Board, "serial-transmit", PartKind.Other, "keep-open", ConflictKind.MustStayOpen, Severity.Fix)]
    [InlineData(PartKind.Board, "keep-open", PartKind.Other, "keep-open", null, Severity.Note)]
    [InlineData(PartKind.Supply, "+3.3 V", PartKind.Drive, "power-disable", ConflictKind.HeldAtSupply, Severity.Fix)]
    [InlineData(PartKind.Brick, "+3.63 V", PartKind.Drive, "power-disable", ConflictKind.HeldAtSupply, Severity.Fix)]
    [InlineData(PartKind.Brick, "+3.64 V", PartKind.Drive, "power-disable", ConflictKind.SupplyBeyondSignal, Severity.Stop)]
    [InlineData(PartKind.Board, "+5 V", PartKind.Panel, "ground", ConflictKind.SupplyToGround, Severity.Stop)]
    [InlineData(PartKind.Drive, "+5 V", PartKind.Board, "ground", ConflictKind.LoadAtGround, Severity.Fix)]
    [InlineData(PartKind.Supply, "+12 V", PartKind.Board, "+5 V", ConflictKind.SupplyToSupply, Severity.Stop)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Board, "+5.26 V", null, Severity.Note)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Board, "+5.27 V", ConflictKind.SupplyToSupply, Severity.Stop)]
    [InlineData(PartKind.Supply, "+5 V standby", PartKind.Board, "+5 V", ConflictKind.SupplyToSupply, Severity.Stop)]
    [InlineData(PartKind.Supply, "+12 V", PartKind.Brick, "+12 V", ConflictKind.SuppliesInParallel, Severity.Stop)]
    [InlineData(PartKind.Supply, "+12 V", PartKind.Board, "+12 V", null, Severity.Note)]
    [InlineData(PartKind.Supply, "+12 V", PartKind.Drive, "+5 V", ConflictKind.BeyondLoad, Severity.Stop)]
    [InlineData(PartKind.Brick, "+5.26 V", PartKind.Drive, "+5 V", null, Severity.Note)]
    [InlineData(PartKind.Brick, "+5.27 V", PartKind.Drive, "+5 V", ConflictKind.BeyondLoad, Severity.Stop)]
    [InlineData(PartKind.Supply, "-12 V", PartKind.Fan, "+12 V", ConflictKind.BeyondLoad, Severity.Stop)]
    [InlineData(PartKind.Supply, "+12 V", PartKind.Card, "-12 V", ConflictKind.BeyondLoad, Severity.Stop)]
    [InlineData(PartKind.Supply, "-12 V", PartKind.Card, "-5 V", ConflictKind.BeyondLoad, Severity.Stop)]
    [InlineData(PartKind.Supply, "-5 V", PartKind.Card, "-12 V", ConflictKind.BelowLoad, Severity.Fix)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Fan, "+12 V", ConflictKind.BelowLoad, Severity.Check)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Drive, "+12 V", ConflictKind.BelowLoad, Severity.Fix)]
    [InlineData(PartKind.Brick, "+4.75 V", PartKind.Drive, "+5 V", null, Severity.Note)]
    [InlineData(PartKind.Brick, "+4.74 V", PartKind.Drive, "+5 V", ConflictKind.BelowLoad, Severity.Fix)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Other, "+5 V standby", ConflictKind.NotStandby, Severity.Fix)]
    [InlineData(PartKind.Supply, "+5 V standby", PartKind.Other, "+5 V", null, Severity.Note)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Other, "drive-power-enable@5", null, Severity.Note)]
    [InlineData(PartKind.Brick, "+5.26 V", PartKind.Other, "drive-power-enable@5", null, Severity.Note)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Board, "power-good", ConflictKind.HeldAtSupply, Severity.Fix)]
    [InlineData(PartKind.Other, "speaker+", PartKind.Board, "line-left", ConflictKind.LevelKills, Severity.Stop)]
    [InlineData(PartKind.Other, "speaker+", PartKind.Board, "usb1-data+", ConflictKind.LevelKills, Severity.Stop)]
    [InlineData(PartKind.Other, "serial-transmit", PartKind.Board, "usb1-data+", ConflictKind.DriverAgainstDriver, Severity.Stop)]
    [InlineData(PartKind.Brick, "+5.27 V", PartKind.Other, "drive-power-enable@5", ConflictKind.HeldAtSupply, Severity.Fix)]
    [InlineData(PartKind.Brick, "+5.5 V", PartKind.Board, "serial-receive@5", ConflictKind.HeldAtSupply, Severity.Fix)]
    [InlineData(PartKind.Brick, "+5.51 V", PartKind.Board, "serial-receive@5", ConflictKind.SupplyBeyondSignal, Severity.Stop)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Board, "power-switch", ConflictKind.SupplyBeyondSignal, Severity.Stop)]
    [InlineData(PartKind.Supply, "-12 V", PartKind.Board, "power-light+", ConflictKind.SupplyBeyondSignal, Severity.Stop)]
    [InlineData(PartKind.Supply, "+3.3 V", PartKind.Board, "power-light+", ConflictKind.HeldAtSupply, Severity.Fix)]
    [InlineData(PartKind.Supply, "+3.3 V", PartKind.Board, "serial-transmit", ConflictKind.SupplyAgainstDriver, Severity.Stop)]
    [InlineData(PartKind.Supply, "+5 V", PartKind.Board, "supply-on", ConflictKind.SupplyAgainstDriver, Severity.Stop)]
    [InlineData(PartKind.Other, "speaker-", PartKind.Other, "ground", ConflictKind.DriverShorted, Severity.Stop)]
    [InlineData(PartKind.Supply, "supply-on", PartKind.Board, "ground", ConflictKind.AlwaysOn, Severity.Check)]
    [InlineData(PartKind.Board, "audio-presence", PartKind.Panel, "ground", null, Severity.Note)]
    [InlineData(PartKind.Board, "fan-present@0", PartKind.Fan, "ground", null, Severity.Note)]
    [InlineData(PartKind.Fan, "fan-tacho", PartKind.Board, "ground", ConflictKind.HeldAtGround, Severity.Check)]
    [InlineData(PartKind.Board, "serial-transmit", PartKind.Other, "ground", ConflictKind.HeldAtGround, Severity.Fix)]
    [InlineData(PartKind.Board, "power-switch", PartKind.Other, "ground", ConflictKind.HeldAtGround, Severity.Fix)]
    [InlineData(PartKind.Board, "serial-transmit", PartKind.Other, "+5 V", ConflictKind.LoadOnSignal, Severity.Stop)]
    [InlineData(PartKind.Board, "serial-receive", PartKind.Other, "+5 V", ConflictKind.LoadOnSignal, Severity.Fix)]
    [InlineData(PartKind.Board, "usb1-data+", PartKind.Other, "usb2-data+", null, Severity.Note)]
    [InlineData(PartKind.Board, "usb1-data+", PartKind.Other, "usb1-data-", ConflictKind.OtherSignal, Severity.Fix)]
    [InlineData(PartKind.Fan, "fan-tacho", PartKind.Fan, "fan-tacho", ConflictKind.LineShared, Severity.Check)]
    [InlineData(PartKind.Board, "serial-transmit", PartKind.Other, "serial-transmit", ConflictKind.DriverAgainstDriver, Severity.Stop)]
    [InlineData(PartKind.Board, "supply-on", PartKind.Supply, "power-good", ConflictKind.DriverAgainstDriver, Severity.Stop)]
    [InlineData(PartKind.Board, "line-left", PartKind.Board, "line-left", ConflictKind.OtherSignal, Severity.Fix)]
    [InlineData(PartKind.Board, "serial-transmit@8", PartKind.Other, "serial-receive@5", ConflictKind.LevelDiffers, Severity.Fix)]
    [InlineData(PartKind.Board, "serial-transmit@8.01", PartKind.Other, "serial-receive@5", ConflictKind.LevelKills, Severity.Stop)]
    [InlineData(PartKind.Board, "serial-transmit@5.55", PartKind.Other, "serial-receive@5", null, Severity.Note)]
    [InlineData(PartKind.Board, "serial-transmit@5.56", PartKind.Other, "serial-receive@5", ConflictKind.LevelDiffers, Severity.Fix)]
    [InlineData(PartKind.Board, "serial-transmit@4.5", PartKind.Other, "serial-receive@5", null, Severity.Note)]
    [InlineData(PartKind.Board, "serial-transmit@4.49", PartKind.Other, "serial-receive@5", ConflictKind.LevelDiffers, Severity.Fix)]
    [InlineData(PartKind.Board, "serial-transmit", PartKind.Other, "serial-receive@5", ConflictKind.LevelUnknown, Severity.Check)]
    [InlineData(PartKind.Board, "serial-transmit", PartKind.Other, "serial-receive", null, Severity.Note)]
    [InlineData(PartKind.Board, "clock@5", PartKind.Panel, "clock@3.3", ConflictKind.LevelDiffers, Severity.Fix)]
    [InlineData(PartKind.Board, "clock@12", PartKind.Panel, "clock@3.3", ConflictKind.LevelKills, Severity.Stop)]
    [InlineData(PartKind.Board, "clock", PartKind.Panel, "clock@3.3", ConflictKind.LevelUnknown, Severity.Check)]
    [InlineData(PartKind.Board, "<clock", PartKind.Panel, "<clock@3.3", null, Severity.Note)]
    [InlineData(PartKind.Fan, "fan-tacho", PartKind.Board, "fan-tacho@3.3", null, Severity.Note)]
    [InlineData(PartKind.Board, "serial-receive", PartKind.Other, "serial-receive", ConflictKind.OtherSignal, Severity.Fix)]
    [InlineData(PartKind.Board, "power-switch", PartKind.Board, "power-switch", null, Severity.Note)]
    [InlineData(PartKind.Board, "supply-on", PartKind.Supply, "supply-on", null, Severity.Note)]
    [InlineData(PartKind.Board, "power-good", PartKind.Supply, "power-good", null, Severity.Note)]
    public void Two_contacts_on_one_net(PartKind one, string here, PartKind other, string there, ConflictKind? expected, Severity severity)
    {
        var clash = NetRules.Judge(Contact(0, one, here), Contact(1, other, there));
        Assert.Equal(expected, clash?.Kind);
        if (clash is not null) Assert.Equal(severity, clash.Severity);
    }

    private static readonly Gen<string> AnyPin = Gen.OneOf(
        Gen.Const("+12 V"), Gen.Const("+5 V"), Gen.Const("+5 V standby"), Gen.Const("-12 V"), Gen.Const("ground"), Gen.Const("unknown"),
        Gen.Const("power-switch"), Gen.Const("power-light+"), Gen.Const("power-light-"), Gen.Const("fan-tacho"), Gen.Const("supply-on"),
        Gen.Const("serial-transmit@3.3"),
        Gen.Const("serial-receive@5"), Gen.Const("speaker+"), Gen.Const("usb1-data+"), Gen.Const("drive-power-enable@5"));

    private static readonly Gen<PartKind> AnyKind = Gen.OneOf(
        Gen.Const(PartKind.Board), Gen.Const(PartKind.Supply), Gen.Const(PartKind.Other), Gen.Const(PartKind.Fan));

    [Fact]
    public void It_never_matters_which_contact_is_named_first()
        => Gen.Select(AnyKind, AnyPin, AnyKind, AnyPin).Hold((one, here, other, there) =>
        {
            var (a, b) = (Contact(0, one, here), Contact(1, other, there));
            Assert.Equal(NetRules.Judge(a, b)?.Kind, NetRules.Judge(b, a)?.Kind);
            Assert.Equal(NetRules.Judge(a, b)?.Severity, NetRules.Judge(b, a)?.Severity);
        }, iter: 2000);

    private static CircuitContact Contact(int index, PartKind kind, string pin)
    {
        var part = Part(kind, $"part{index}", pin);
        return new CircuitContact(index, part, part.Ports[0], part.Ports[0].Pins[0],
            new RoleTable(Graft.Empty("test") with { Parts = [part] }).Of(part, part.Ports[0], part.Ports[0].Pins[0]));
    }
}
