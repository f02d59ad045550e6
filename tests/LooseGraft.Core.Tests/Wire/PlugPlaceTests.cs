using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Schools;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>Where a plug may be pushed on as it is: loose leads go where they are wanted, without a tool.</summary>
public class PlugPlaceTests
{
    // Counted in zigzag: 1 and 2 lie across the rows, 1, 3, 5, 7 and 9 in one.
    private const string Panel = "drive-light+,power-light+,drive-light-,power-light-,ground,power-switch,reset-switch,ground,+5 V,absent";

    [Fact]
    public void A_plug_of_two_goes_along_the_rows_both_ways_and_across_them()
    {
        var places = PlugPlaces.Of(Header(Panel, rows: 2), Plug("power-switch,ground")).Select(place => place.Words).ToArray();
        Assert.Contains("on 6 and 8", places);
        Assert.Contains("on 8 and 6", places);
        Assert.Contains("on 5 and 6", places);
        Assert.DoesNotContain("on 6 and 9", places);
        Assert.DoesNotContain("on 2 and 6", places);
        Assert.Equal(places.Length, places.Distinct().Count());
        // Five columns, four neighbours in each of two rows, five across, each both ways.
        Assert.Equal(2 * ((2 * 4) + 5), places.Length);
        // Of one alone, wherever there is a pin.
        Assert.Equal(9, PlugPlaces.Of(Header(Panel, rows: 2), Plug("power-switch")).Select(place => place.On[0]).Distinct().Count());
        Assert.DoesNotContain(PlugPlaces.Of(Header("ground,ground,ground"), Plug("ground,ground")), place => place.TurnDegrees % 180 != 0);
    }

    [Fact]
    public void What_is_put_on_positions_meets_them_in_that_order()
    {
        var graft = Joined(Header(Panel, rows: 2), Plug("power-switch,ground"));
        foreach (var place in PlugPlaces.Of(graft.Parts[0].Ports[0], graft.Parts[1].Ports[0]))
        {
            var put = new PlacePlug("joint", place.PinOneOn, place.TurnDegrees).Apply(graft);
            Assert.Equal(place.On.Select((header, index) => new Conductor(header, index + 1)).OrderBy(wire => wire.From),
                WireStage.Review(put).Joints[0].Decided.Select(contact => new Conductor(contact.From, contact.To)));
        }
    }

    [Theory]
    [InlineData("power-switch,ground", "6 8", 0)]
    [InlineData("ground,power-switch", "8 6", 180)]
    [InlineData("drive-light+,drive-light-", "1 3", 0)]
    [InlineData("power-light-,power-light+", "4 2", 180)]
    [InlineData("reset-switch,ground", "7 5", 180)]
    [InlineData("+5 V", "9", 0)]
    public void A_loose_lead_is_put_where_everything_meets_without_a_tool(string lead, string on, int turned)
    {
        foreach (var kind in new[] { PartKind.Panel, PartKind.Lead, PartKind.Switch })
        {
            var apart = Joined(Header(Panel, rows: 2), Plug(lead)) with { Joints = [] };
            apart = apart.WithPart("shell", part => part with { Kind = kind });
            var joint = new AddJoint(new PortId("board", "header"), new PortId("shell", "plug")).Apply(apart).Joints[0];
            var place = Assert.Single(PlugPlaces.Of(apart.Parts[0].Ports[0], apart.Parts[1].Ports[0]),
                place => (place.PinOneOn, place.TurnDegrees) == (joint.PinOneOn, joint.TurnDegrees));
            Assert.Equal((on, turned), (string.Join(' ', place.On), joint.TurnDegrees));
            Assert.Equal(JointVerdictKind.GoesStraightIn, WireStage.Review(apart with { Joints = [joint] }).Joints[0].Verdict.Kind);
        }
    }

    [Theory]
    [InlineData(6, 0, true)] // on the button's contact and ground
    [InlineData(7, 180, true)] // on the reset button's: a button like another
    [InlineData(8, 180, false)] // with what is called ground on the button's contact
    [InlineData(1, 0, false)] // on a light
    [InlineData(9, 270, false)] // on a rail
    public void A_button_lead_on_what_is_no_button_is_looked_at_first(int pinOneOn, int turned, bool isFine)
    {
        var graft = Joined(Header(Panel, rows: 2), Plug("power-switch,ground")).WithPart("shell", part => part with { Kind = PartKind.Lead });
        var verdict = WireStage.Review(new PlacePlug("joint", pinOneOn, turned).Apply(graft)).Joints[0].Verdict.Kind;
        Assert.Equal(isFine, verdict == JointVerdictKind.GoesStraightIn);
    }

    [Fact]
    public void A_place_that_another_lead_has_is_not_given_again()
    {
        var header = Header("power-light+,power-light-,power-light+,power-light-");
        var graft = Joined(header, Plug("power-light+,power-light-"));
        var second = graft.Parts[1] with { Id = "second" };
        graft = new AddJoint(graft.Joints[0].From, new PortId("second", second.Ports[0].Id)).Apply(graft with { Parts = graft.Parts.Add(second) });
        Assert.Equal([1, 3], graft.Joints.Select(joint => joint.PinOneOn));
        Assert.DoesNotContain(WireStage.Review(graft).Findings, finding => finding.Rule.Code == "WIRE-037");
    }

    [Fact]
    public void A_plug_of_more_than_three_positions_begins_straight_and_is_told_where_it_needs_no_tool()
    {
        const string Four = "power-light+,power-light-,ground,supply-on";
        foreach (var (lead, isPut) in new[] { ("ground,power-light+,power-light-", true), (Four, false) })
        {
            var apart = Joined(Header($"reset-switch,ground,{Four}"), Plug(lead)) with { Joints = [] };
            var joined = new AddJoint(new PortId("board", "header"), new PortId("shell", "plug")).Apply(apart);
            Assert.Equal(isPut ? 2 : 1, joined.Joints[0].PinOneOn);
        }

        var graft = Joined(Header($"reset-switch,ground,{Four}"), Plug(Four));
        var plan = SchoolAdvisor.Of(graft, WireStage.Review(graft).Joints[0]).Of(JointSchool.ChangeLeads)!;
        Assert.Equal(("push it on 3, 4, 5 and 6, as it is", 3), (plan.Words, plan.Review.Joint.PinOneOn));
        Assert.False(plan.WouldDamage);
        var taken = TakeSchool.Of("joint", plan, null).Apply(graft);
        Assert.Equal((JointMethod.Straight, 3), (taken.Joints[0].Method, taken.Joints[0].PinOneOn));
    }

    [Fact]
    public void What_would_meet_something_wrong_beside_what_is_right_is_no_place_without_a_tool()
    {
        // Ground beside the button's contact is 12 V here: nowhere do both meet what they want.
        var apart = Joined(Header("supply-on,+12,ground"), Plug("power-switch,ground")) with { Joints = [] };
        var joined = new AddJoint(new PortId("board", "header"), new PortId("shell", "plug")).Apply(apart);
        Assert.Equal((1, 0), (joined.Joints[0].PinOneOn, joined.Joints[0].TurnDegrees));
        var plan = SchoolAdvisor.Of(joined, WireStage.Review(joined).Joints[0]).Of(JointSchool.ChangeLeads)!;
        Assert.Equal(JointMethod.Repin, plan.Review.Joint.Method);
    }

    [Fact]
    public void A_place_where_one_contact_has_to_be_looked_at_first_is_not_given_unasked()
    {
        var apart = Joined(Header("ground,power-switch,ground,drive-light+"), Plug("power-switch,ground,power-light+")) with { Joints = [] };
        apart = apart.WithPart("shell", part => part with { Kind = PartKind.Lead });
        Assert.Equal(1, new AddJoint(new PortId("board", "header"), new PortId("shell", "plug")).Apply(apart).Joints[0].PinOneOn);
        // Without that contact it is put there.
        apart = apart.WithPort(new PortId("shell", "plug"), plug => plug.With(new Pin(3) { Contact = ContactState.Absent }));
        Assert.Equal(2, new AddJoint(new PortId("board", "header"), new PortId("shell", "plug")).Apply(apart).Joints[0].PinOneOn);
    }

    [Fact]
    public void A_contact_brought_to_a_position_takes_the_plug_along_turned_only_where_it_must_be()
    {
        var graft = Joined(Header("ground,ground,ground"), Plug("ground,ground"));
        var review = WireStage.Review(graft).Joints[0];
        Assert.Equal("on 2 and 3", PlugPlaces.Bringing(review, 2, 1)!.Words);
        Assert.Equal("on 1 and 2", PlugPlaces.Bringing(review, 2, 2)!.Words);
        Assert.Equal("on 3 and 2", PlugPlaces.Bringing(review, 3, 1)!.Words);
        Assert.Null(PlugPlaces.Bringing(review, 4, 1));
    }

    [Fact]
    public void A_quarter_turn_survives_the_file()
    {
        var graft = new PlacePlug("joint", 6, 90).Apply(Joined(Header(Panel, rows: 2), Plug("power-switch,ground")));
        var read = Core.Files.GraftFile.Read(Core.Files.GraftFile.Write(graft));
        Assert.Equal(90, read.Graft!.Joints[0].TurnDegrees);
        Assert.NotEmpty(Core.Files.GraftFile.Read(Core.Files.GraftFile.Write(new PlacePlug("joint", 6, 45).Apply(graft))).Errors);
    }
}
