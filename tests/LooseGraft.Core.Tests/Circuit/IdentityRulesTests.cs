using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>Supplies and drives that are told something before they work, or told not to.</summary>
public sealed class IdentityRulesTests
{
    private static readonly Part Board = Part(PartKind.Board, "board", "+19 V,ground,identification");

    [Fact]
    public void A_board_that_looks_for_its_own_brick_may_refuse_another()
    {
        Assert.Equal("IdentityMissing Check board/3 > board/3",
            Words(Judge([Board, Part(PartKind.Brick, "brick", "+19 V,ground")], "brick/1-board/1", "brick/2-board/2")));
        Assert.Empty(Judge([Board, Part(PartKind.Brick, "brick", "+19 V,ground,identification")], "brick/1-board/1", "brick/2-board/2", "brick/3-board/3"));
        Assert.Equal("IdentityMissing Check board/3 > board/3",
            Words(Judge([Board, Part(PartKind.Brick, "brick", "+19 V,ground,identification")], "brick/1-board/1", "brick/2-board/2")));
        Assert.Empty(Judge([Board, Part(PartKind.Brick, "brick", "+19 V,ground")], "brick/2-board/2"));
    }

    [Theory]
    [InlineData("+5.5 V", "")]
    [InlineData("+5.6 V", "IdentityMissing Check brick/1 > brick/3")]
    public void A_source_that_is_not_asked_gives_no_more_than_five_volts(string volts, string expected)
        => Assert.Equal(expected,
            Words(Judge([Part(PartKind.Board, "board", $"{volts},ground"), Part(PartKind.Brick, "brick", $"{volts},ground,usb-c-channel")],
            "brick/1-board/1", "brick/2-board/2")));

    [Fact]
    public void A_source_that_feeds_nothing_need_not_be_asked()
        => Assert.Empty(Judge([Part(PartKind.Board, "board", "+20 V,ground"), Part(PartKind.Brick, "brick", "+20 V,+20 V,ground,usb-c-channel")],
            "brick/3-board/2"));

    [Fact]
    public void A_source_that_is_asked_gives_what_it_is_asked_for()
        => Assert.Empty(Judge([Part(PartKind.Board, "board", "+20 V,ground,usb-c-channel"), Part(PartKind.Brick, "brick", "+20 V,ground,cc1")],
            "brick/1-board/1", "brick/2-board/2", "brick/3-board/3"));

    [Theory]
    [InlineData("drive-power-15", "+3.3 V", "supply/1-drive.power/3", "MayStayOff Note supply/1 > drive/3")]
    [InlineData("drive-power-15", "+3.3 V", "supply/1-drive.power/2", "")]
    [InlineData("drive-power-15", "power-disable", "supply/1-drive.power/3", "HeldAtSupply Fix supply/1 > drive/3")]
    [InlineData("drive-power-15", "power-disable", "supply/1-drive.power/2", "")]
    [InlineData("loose-ends", "+3.3 V", "supply/1-drive.power/3", "")]
    public void A_newer_drive_takes_a_level_on_contact_3_for_the_order_to_stay_off(string type, string third, string wire, string expected)
    {
        var drive = new Part("drive", "drive", PartKind.Drive)
        {
            Ports = [Port("power", $"+3.3 V,+3.3 V,{third},ground") with { Type = ConnectorTypes.Find(type)! }],
        };
        Assert.Equal(expected, Words(Judge([Part(PartKind.Supply, "supply", "+3.3 V,ground"), drive], wire, "supply/2-drive.power/4")));
    }

    [Theory]
    [InlineData("+4.4 V", "")]
    [InlineData("+4.39 V", "BelowLoad Fix supply/1 > stick/1")]
    [InlineData("+5.25 V", "")]
    [InlineData("+5.26 V", "BeyondLoad Stop supply/1 > stick/1")]
    public void A_peripheral_on_USB_works_on_less_than_a_board_does(string volts, string expected)
        => Assert.Equal(expected, Words(Judge([Part(PartKind.Supply, "supply", $"{volts},ground"), Part(PartKind.Other, "stick", "+5 V,ground,usb1-data+")],
            "supply/1-stick/1", "supply/2-stick/2")));
}
