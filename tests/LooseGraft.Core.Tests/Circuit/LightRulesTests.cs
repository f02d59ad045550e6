using LooseGraft.Core.Circuit;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>What lights, lamps and loudspeakers see, and what goes on through them.</summary>
public sealed class LightRulesTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,ground");

    [Theory]
    [InlineData("power-light+,power-light-", "LightBurns Stop supply/1 > light/1")]
    [InlineData("power-light+@12,power-light-", "")]
    [InlineData("power-light+@11.4,power-light-", "")]
    [InlineData("power-light+@11.39,power-light-", "LightBurns Stop supply/1 > light/1")]
    [InlineData("power-light-,power-light+@12", "LightReversed Check supply/1 > light/1")]
    [InlineData("power-light+,ground", "LightBurns Stop supply/1 > light/1")]
    public void A_light_sees_what_is_between_its_legs(string legs, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Part(PartKind.Panel, "light", legs)], "supply/1-light/1", "supply/2-light/2")));

    // Face to face, its other leg taken to be returned.
    [Theory]
    [InlineData("+12 V", "power-light+@12", null)]
    [InlineData("+12 V", "power-light+@11.41", null)]
    [InlineData("+12 V", "power-light+@11.39", ConflictKind.LightBurns)]
    [InlineData("-12 V", "power-light+@12", ConflictKind.LightBurns)]
    [InlineData("-12 V", "scale-lamp+@12", null)]
    [InlineData("-12 V", "scale-lamp+@11.39", ConflictKind.LightBurns)]
    public void A_leg_of_a_light_on_a_supply(string supply, string leg, ConflictKind? expected)
        => Assert.Equal(expected, LegRules.Judge(new Terminal(Pin(1, supply), PartKind.Supply), new Terminal(Pin(1, leg), PartKind.Panel))!.Value.Kind);

    [Fact]
    public void A_supply_reaches_the_pin_behind_a_light_as_well()
    {
        var found = Judge([Supply, Part(PartKind.Lamp, "lamp", "power-light+@12,power-light-"), Part(PartKind.Board, "board", "serial-receive,ground")],
            "supply/1-lamp/1", "board/1-lamp/2");
        Assert.Equal("SupplyThroughLight Stop supply/1 > board/1", Words(found.Hard().Take(1)));
        Assert.Equal(["supply/p/1", "lamp/p/1"], found[0].Way.Select(contact => $"{contact.Id}"));
    }

    [Theory]
    [InlineData("supply/1-speaker/2", "SupplyThroughLight Stop supply/1 > amplifier/3")]
    [InlineData("supply/2-speaker/2", "")]
    public void A_supply_on_one_end_of_a_loudspeaker_comes_out_of_the_other(string wire, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Part(PartKind.Other, "amplifier", "<+12 V,ground,>speaker+,>speaker-"),
            Part(PartKind.Speaker, "speaker", "speaker+,speaker-")], "supply/1-amplifier/1", "supply/2-amplifier/2", "speaker/1-amplifier/3", wire).Hard()));

    [Fact]
    public void What_is_written_on_a_lead_is_no_light()
        => Assert.Empty(Judge([Supply, Part(PartKind.Lead, "lead", "power-light+,power-light-")], "supply/1-lead/1", "supply/2-lead/2").Hard());

    [Fact]
    public void A_light_on_a_boards_own_feed_needs_nothing_and_one_the_wrong_way_round_is_dark()
    {
        var board = Part(PartKind.Board, "board", "power-light+,power-light-,drive-light+");
        var panel = Part(PartKind.Panel, "panel", "power-light+,power-light-");
        Assert.Empty(Judge([board, panel], "board/1-panel/1", "board/2-panel/2"));
        Assert.Equal("LightReversed Check board/1 > panel/2; LightReversed Check board/2 > panel/1",
            Words(Judge([board, panel], "board/2-panel/1", "board/1-panel/2")));
        Assert.Equal("OtherSignal Fix board/3 > panel/1", Words(Judge([board, panel], "board/3-panel/1", "board/2-panel/2")));
    }

    [Theory]
    [InlineData(PartKind.Lamp, "power-light-@6.3,power-light+@6.3", "LightBurns Stop supply/1 > light/1")]
    [InlineData(PartKind.Panel, "scale-lamp-@6.3,scale-lamp+@6.3", "LightBurns Stop supply/1 > light/1")]
    [InlineData(PartKind.Lamp, "power-light-@12,power-light+@12", "")]
    [InlineData(PartKind.Panel, "power-light-@6.3,power-light+@6.3", "LightReversed Check supply/1 > light/1")]
    public void A_filament_burns_either_way_round(PartKind kind, string legs, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Part(kind, "light", legs)], "supply/1-light/1", "supply/2-light/2")));

    [Fact]
    public void A_loudspeaker_the_wrong_way_round_is_no_fault_and_both_its_tags_on_one_are()
    {
        Part[] parts = [Part(PartKind.Other, "amplifier", "speaker+,speaker-"), Part(PartKind.Speaker, "speaker", "speaker+,speaker-")];
        Assert.Empty(Judge([.. parts], "amplifier/1-speaker/2", "amplifier/2-speaker/1"));
        Assert.Equal("DriverAgainstDriver Stop amplifier/1 > amplifier/2", Words(Judge([.. parts], "amplifier/1-speaker/1", "amplifier/2-speaker/1")));
    }
}
