using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>What takes power gets it, and has a way back.</summary>
public sealed class LoadRulesTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,ground");

    [Fact]
    public void A_load_that_nothing_feeds_and_current_without_a_way_back_are_told()
    {
        var lead = Part(PartKind.Lead, "lead", "+5 V,ground");
        Assert.Contains("NotFed Fix drive/1", Words(Judge([lead, Part(PartKind.Drive, "drive", "+5 V,ground")], "lead/1-drive/1", "lead/2-drive/2")));
        Assert.Equal("NoReturn Fix supply/3 > drive/1", Words(Judge([Supply, Part(PartKind.Drive, "drive", "+5 V,ground")], "supply/3-drive/1")));
        Assert.Empty(Judge([Supply, Part(PartKind.Drive, "drive", "+5 V")], "supply/3-drive/1"));
        Assert.Equal("NoReturn Fix board/1 > other/1",
            Words(Judge([Part(PartKind.Board, "board", "serial-transmit,ground"), Part(PartKind.Other, "other", "serial-receive,ground")],
            "board/1-other/1")));
    }

    [Fact]
    public void A_missing_ground_that_lifts_a_line_kills_the_pin_at_its_other_end()
    {
        Part Board(string level) => Part(PartKind.Board, "board", $"+5 V,serial-receive{level},ground");
        var device = Part(PartKind.Other, "device", "+5 V,serial-transmit,ground");
        Assert.Equal("ReturnThroughSignal Stop board/1 > board/2", Words(Judge([Board(""), device], "board/1-device/1", "board/2-device/2").Take(1)));
        Assert.Equal("NoReturn Fix board/1 > device/1", Words(Judge([Board("@5"), device], "board/1-device/1", "board/2-device/2").Hard()));
        Assert.Empty(Judge([Board(""), device], "board/1-device/1", "board/2-device/2", "board/3-device/3"));
    }

    [Fact]
    public void A_missing_ground_kills_a_line_of_the_part_itself_that_lies_on_ground()
    {
        var fan = Part(PartKind.Fan, "fan", "+12 V,fan-tacho,ground");
        Assert.Equal("ReturnThroughSignal Stop supply/1 > fan/2", Words(Judge([Supply, fan], "supply/1-fan/1", "supply/2-fan/2").Take(1)));
        Assert.Empty(Judge([Supply, fan], "supply/1-fan/1", "supply/2-fan/2", "supply/4-fan/3").Hard());
    }

    [Fact]
    public void A_missing_ground_sends_current_backwards_through_what_takes_less()
    {
        var drive = Part(PartKind.Drive, "drive", "+3.3 V,+5 V,ground");
        var board = Part(PartKind.Board, "board", "+3.3 V,ground,ground");
        Assert.Equal("ReturnThroughLoad Stop supply/3 > drive/1",
            Words(Judge([Supply, board, drive], "supply/3-drive/2", "board/1-drive/1", "supply/2-board/2").Take(1)));
        Assert.Equal("ReturnThroughLoad Stop supply/3 > drive/1",
            Words(Judge([Supply, board, drive], "supply/3-drive/2", "board/2-drive/1", "supply/2-board/3").Take(1)));
        Assert.Empty(Judge([Supply, board, drive], "supply/3-drive/2", "board/1-drive/1", "supply/2-board/2", "supply/4-drive/3").Hard());
    }

    [Fact]
    public void A_part_that_is_joined_to_itself_is_fed_by_nothing()
        => Assert.Equal("NotFed Fix board/1 > board/1", Words(Judge([Part(PartKind.Board, "board", "<+5 V,none,ground")], "board/1-board/2")));

    [Fact]
    public void A_board_that_is_fed_without_its_ground_is_told()
        => Assert.Equal("NoReturn Fix supply/3 > board/1", Words(Judge([Supply, Part(PartKind.Board, "board", "+5 V,ground")], "supply/3-board/1")));
}
