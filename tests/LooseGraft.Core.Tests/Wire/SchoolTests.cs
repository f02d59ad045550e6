using LooseGraft.Core.Wire.Schools;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

public sealed class SchoolTests
{
    private static readonly Port Sensing = Header("panel-sense,ground,power-switch,ground") with
    {
        Pins = [Pin(1, "panel-sense") with { NeededFor = "it stops at every start", Level = Volts.Zero }, Pin(2, "ground"), Pin(3, "power-switch"),
            Pin(4, "ground")],
    };

    [Fact]
    public void Where_two_wires_changed_places_moving_terminals_is_the_least_and_can_be_taken_back()
    {
        var advice = Advice(Header("power-light+,power-light-,ground"), Plug("power-light-,power-light+,ground"));
        Assert.Equal(JointSchool.ChangeLeads, advice.Recommended!.School);
        Assert.Equal(["2 terminals to move in the housing", "6 lines of the meter sheet to read"], advice.Recommended.Acts.Select(act => act.ToString()));
        Assert.Equal((0, JointMethod.Repin), (advice.Recommended.IrreversibleActs, advice.Recommended.Review.Joint.Method));
    }

    [Fact]
    public void What_is_right_already_is_pushed_on_as_it_is()
    {
        var plan = Advice(Header("+5 V,ground,usb1-data+"), Plug("+5 V,ground,usb1-data+")).Of(JointSchool.ChangeLeads)!;
        Assert.Equal(("push it on as it is", JointMethod.Straight, "plug it in"), (plan.Words, plan.Review.Joint.Method, Acts(plan)));
    }

    [Fact]
    public void One_wire_in_the_wrong_place_is_moved_and_one_that_must_meet_nothing_lifted()
    {
        var moved = Advice(Header("+5 V,ground,none"), Plug("+5 V,none,ground")).Of(JointSchool.ChangeLeads)!;
        Assert.Equal(("move the terminals in the shell's own housing", JointMethod.Repin), (moved.Words, moved.Review.Joint.Method));
        Assert.StartsWith("move a terminal in the housing", Acts(moved));
        var lifted = Advice(Header("+5 V,ground,+12 V"), Plug("+5 V,ground,+5 V")).Of(JointSchool.ChangeLeads)!;
        Assert.Contains("lift", Acts(lifted));
        Assert.Equal(JointMethod.Repin, lifted.Review.Joint.Method);
    }

    [Fact]
    public void A_plug_of_another_pitch_is_cut_off_and_a_new_one_crimped()
    {
        var plan = Advice(Header("+5 V,ground"), Plug("+5 V,ground") with { OwnPitch = new(2.0) }).Of(JointSchool.ChangeLeads)!;
        Assert.Equal(("cut off the plug and crimp one that fits", JointMethod.Splice), (plan.Words, plan.Review.Joint.Method));
        Assert.Equal("cut off the old plug and fit a housing, 2 terminals to crimp, 3 lines of the meter sheet to read", Acts(plan));
        Assert.Equal(["housing and terminals for header, pitch 2.54 mm"], plan.Parts);
        var loose = Advice(Header("+5 V,ground"), Plug("+5 V,ground", "loose-ends")).Of(JointSchool.ChangeLeads)!;
        Assert.Equal("fit a housing, 2 terminals to crimp, 3 lines of the meter sheet to read", Acts(loose));
    }

    [Fact]
    public void A_board_is_bridged_where_the_plug_does_no_harm_and_gets_a_socket_where_it_does()
    {
        var harmless = Advice(Sensing, Plug("none,ground,power-switch,none")).Of(JointSchool.ChangeBoard)!;
        Assert.Equal(("push the plug on and bridge what is missing on the board", JointMethod.Bridge), (harmless.Words, harmless.Review.Joint.Method));
        Assert.Equal("plug it in, solder a bridge on the board, 3 lines of the meter sheet to read", Acts(harmless));
        var nothing = Advice(Header("+5 V,ground"), Plug("+5 V,ground")).Of(JointSchool.ChangeBoard)!;
        Assert.Equal(("nothing to change on the board", JointMethod.Straight, "plug it in"), (nothing.Words, nothing.Review.Joint.Method, Acts(nothing)));
        var socket = Advice(Header("+5 V,ground"), Plug("ground,+5 V")).Of(JointSchool.ChangeBoard)!;
        Assert.Equal(("a socket for plug", 1.4m), (Assert.Single(socket.Parts), socket.Price.Likely));
        Assert.Equal("2 wires to solder to the board, 3 lines of the meter sheet to read", Acts(socket));
    }

    private static string Acts(SchoolPlan plan) => string.Join(", ", plan.Acts.Select(act => act.ToString()));

    [Fact]
    public void What_is_for_good_is_named_and_counted()
    {
        var advice = Advice(Header("+5 V,ground,usb1-data+"), Plug("ground,+5 V,usb1-data+"));
        var board = advice.Of(JointSchool.ChangeBoard)!;
        Assert.Equal(3, board.IrreversibleActs);
        Assert.Contains("warranty", Assert.Single(board.Irreversible));
        Assert.NotEqual(board, advice.Recommended);
    }

    [Fact]
    public void A_spare_ground_of_the_plug_is_enough_for_a_sense_contact()
        => Assert.Contains("move a terminal in the housing",
            Advice(Sensing with { OwnColumns = 3, Pins = Sensing.Pins.RemoveAt(3) }, Plug("none,ground,power-switch,ground"))
                .Of(JointSchool.ChangeLeads)!.Acts.Select(act => act.ToString()));

    [Fact]
    public void A_sense_contact_without_a_partner_is_linked_in_the_lead_or_bridged_on_the_board()
    {
        var advice = Advice(Sensing, Plug("none,ground,power-switch,none"));
        Assert.Contains(advice.Of(JointSchool.ChangeLeads)!.Acts, act => act is { Act.Id: "link-in-lead", Count: 1 });
        Assert.Contains(advice.Of(JointSchool.ChangeBoard)!.Acts, act => act is { Act.Id: "bridge", Count: 1 });
        Assert.All(advice.Plans.Where(plan => plan.School != JointSchool.BuyAdapter), plan => Assert.Empty(plan.NeededLost));
        Assert.Equal(JointSchool.ChangeLeads, advice.Recommended!.School);
    }

    // Beside it in its row lies a ground one step away, above it another one step further.
    [Fact]
    public void A_tie_goes_to_the_nearest_ground()
    {
        var header = Header("none,panel-sense,ground,none,none,ground", rows: 2) with { OwnNumbering = Numbering.Zigzag };
        header = header.With(header.Pins[1] with { NeededFor = "it stops at every start", Level = Volts.Zero });
        var plan = Advice(header, Plug("none,none,none,none,none,ground", rows: 2)).Of(JointSchool.ChangeBoard)!;
        Assert.Equal(["2 to 3"], plan.Review.Joint.Ties.Select(tie => $"{tie.One.Position} to {tie.Other.Position}"));
    }

    [Theory]
    [InlineData("+5 V,ground", "+5 V,ground", "it is the simplest")]
    [InlineData("+5 V,ground,usb1-data+", "ground,+5 V,usb1-data+",
        "it costs nothing, and “an adapter made for exactly this model” ~15 EUR (8–30), with nothing else in its favour")]
    public void It_says_why(string header, string plug, string because) => Assert.Equal(because, Advice(Header(header), Plug(plug)).Because);

    [Fact]
    public void An_adapter_in_trade_is_preferred_to_cutting()
    {
        var advice = Advice(Standard("drive-power-15", Gender.Male), Standard("peripheral-power-4", Gender.Female));
        Assert.Equal((JointSchool.BuyAdapter, "Adapter, peripheral plug to drive plug"), (advice.Recommended!.School, advice.Recommended.Words));
        Assert.Contains("crimp", advice.Of(JointSchool.ChangeLeads)!.Words);
        Assert.StartsWith("all of it can be taken back", advice.Because);
    }

    [Fact]
    public void Loose_ends_are_crimped_and_no_adapter_is_offered()
    {
        var advice = Advice(Header("+12 V,ground"), Plug("+12 V,ground", "loose-ends"));
        Assert.Equal(JointSchool.BuyAdapter, advice.Without[0].School);
        Assert.Equal(JointMethod.Rebuild, advice.Of(JointSchool.ChangeLeads)!.Review.Joint.Method);
        Assert.Equal(0, advice.Of(JointSchool.ChangeLeads)!.IrreversibleActs);
    }

    [Fact]
    public void Weak_facts_are_said_in_the_risk()
        => Assert.Contains("prove them first",
            Advice(Header("+5 V,ground", evidence: Evidence.Diagram), Plug("ground,+5 V")).Of(JointSchool.ChangeLeads)!.Risk);

    [Fact]
    public void Nothing_is_recommended_where_nothing_belongs_together()
    {
        var advice = Advice(Header("unknown,unknown"), Plug("ground,+5 V"));
        Assert.Null(advice.Recommended);
        Assert.Equal(3, advice.Without.Length);
    }

    private static SchoolAdvice Advice(Port header, Port plug)
    {
        var graft = Joined(header, plug);
        return SchoolAdvisor.Of(graft, Review.Of(graft).Wire.Joints[0]);
    }

    private static Port Standard(string connector, Gender gender)
        => ConnectorTypes.Find(connector) is { } type
            ? new Port(connector, connector, type, gender) { Pins = [.. Core.Model.Pin.UsualFor(type)] }
            : throw new ArgumentException(connector);
}
