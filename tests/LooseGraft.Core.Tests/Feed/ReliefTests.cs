using System.Collections.Immutable;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Relieving;
using LooseGraft.Core.Wire.Edits;
using static LooseGraft.Core.Tests.Bench;
using static LooseGraft.Core.Tests.Feed.FeedGrafts;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What would bring a place within its limit.</summary>
public sealed class ReliefTests
{
    private const string Wires = "+12 V in the wires of adapter at in";

    [Theory]
    [InlineData(12, "Wire of 16 AWG|3 wires side by side, where there are 2")] // 10.5 A of 18 AWG, 15 A of 16
    [InlineData(14.9, "Wire of 16 AWG|4 wires side by side, where there are 2")] // three would bear 14 A
    [InlineData(15.1, "4 wires side by side, where there are 2")]
    public void Wires_are_relieved_by_thicker_ones_and_by_more(double amps, string told)
        => Assert.Equal(told.Split('|'),
            Of(BehindAdapter(amps), Wires).Select(relief => relief.Words).Where(words => words.Contains("ire", StringComparison.Ordinal)));

    [Theory]
    [InlineData(14.9, true)]
    [InlineData(18.1, false)] // two metres of 16 AWG share less evenly than two of 18, and bear 17.8 A
    public void Thicker_wire_is_not_promised_to_share_as_evenly(double amps, bool isPromised)
    {
        var graft = BehindAdapter(amps).WithPart("adapter",
            part => part with { Ports = [.. part.Ports.Select(port => port with { LeadLength = new Millimetres(1000) })] });
        Assert.Equal(isPromised, Of(graft, Wires).Any(relief => relief.Words == "Wire of 16 AWG"));
    }

    [Fact]
    public void What_carries_it_wants_no_relief() => Assert.Empty(Of(BehindAdapter(10.4), Wires));

    [Fact]
    public void A_board_is_held_to_what_the_place_bears_and_not_a_watt_more()
    {
        // 10.16 A at the contacts of the plug, 121.9 W; the plane of the board takes it at 12 V.
        var graft = BehindAdapter(12);
        var relief = Assert.Single(Of(graft, Wires), relief => relief.Edit is HoldLoad);
        Assert.Equal("Hold board to 126 W by its settings, instead of 144 W", relief.Words);
        var hold = (HoldLoad)relief.Edit!;
        Assert.Equal(FeedVerdict.CarriesTightly, Limit(hold.Apply(graft), Wires).In(LoadCase.Peak).Verdict);
        Assert.Equal(FeedVerdict.DoesNotCarry, Limit((hold with { Cap = new Watts(127) }).Apply(graft), Wires).In(LoadCase.Peak).Verdict);
        // Below what it takes when idle no setting helps.
        Assert.DoesNotContain(Of(BehindAdapter(48), Wires), other => other.Edit is not null);
    }

    [Fact]
    public void A_board_that_is_held_already_is_held_to_less()
    {
        // 140 W of 144 are 11.67 A, and 10.5 A are nine tenths of it.
        var graft = BehindAdapter(12);
        graft = graft with { Loads = [graft.Loads[0] with { Cap = new PowerCap(new(new Watts(140), Evidence.Document)) }] };
        Assert.Contains("Hold board to 126 W by its settings, instead of 140 W", Of(graft, Wires).Select(relief => relief.Words));
    }

    [Fact]
    public void A_plug_of_the_other_gender_is_no_place_to_move_to()
    {
        var graft = Splitters(1, 0.1);
        graft = graft with
        {
            Loads = [.. graft.Loads.Select(load => load with { Draws = [Draw("+12 V", 2.1)] })],
            Parts = [graft.Parts[0] with { Ports = [Usual("plug", Gender.Female), Usual("spare", Gender.Male)] }, .. graft.Parts.Skip(1)],
        };
        Assert.DoesNotContain(Of(graft, "+12 V at plug of supply"), relief => relief.Edit is MoveJoint);
    }

    [Fact]
    public void Where_no_part_by_itself_is_enough_that_is_said()
        => Assert.Contains("144 W less would do: no single part takes so much here",
            Of(Two(new Part("one", "one", PartKind.Drive), Draw("+12 V", 11)), "+12 V").Select(relief => relief.Words));

    [Theory]
    [InlineData(1, "+12 V", true)]
    [InlineData(1, "+5 V", false)] // the other plug has no +12 V
    [InlineData(1, "+12 V for +5 V", false)] // it would stop the wiring
    [InlineData(5, "+12 V", false)] // it is too much for any of them
    public void A_drive_moves_to_a_plug_that_is_free(double amps, string rail, bool moves)
    {
        var graft = Splitters(1, 0.1);
        graft = graft with
        {
            Loads = [.. graft.Loads.Select(load => load with { Draws = [Draw("+12 V", load.Id == "d1" ? amps : 2.1)] })],
            Parts = [graft.Parts[0] with { Ports = [Usual("plug", Gender.Female), Other(rail)] }, .. graft.Parts.Skip(1)],
        };
        var found = Of(graft, "+12 V at plug of supply").Where(relief => relief.Edit is MoveJoint).ToArray();
        string[] told = ["Move d1 from a of s1 to spare of supply, which is free", "Move d2 from b of s1 to spare of supply, which is free"];
        Assert.Equal(moves ? told : [], found.Select(relief => relief.Words));
        if (moves) Assert.NotEqual(FeedVerdict.DoesNotCarry, Limit(found[0].Edit!.Apply(graft), "+12 V at plug of supply").In(LoadCase.Peak).Verdict);
    }

    [Fact]
    public void What_takes_too_long_ends_after_a_few_tries()
    {
        // Seven drives of which any one may go to the free plug; four are tried however long it takes.
        var graft = Splitters(6, 0.45);
        graft = graft with { Parts = [graft.Parts[0] with { Ports = [Usual("plug", Gender.Female), Usual("spare", Gender.Female)] }, .. graft.Parts.Skip(1)] };
        Assert.Equal((7, ReliefSearch.LeastTried), (Moves(isLate: false), Moves(isLate: true)));

        int Moves(bool isLate) => Of(graft, "+5 V at plug of supply", isLate: isLate).Count(relief => relief.Edit is MoveJoint);
    }

    private static Port Other(string rail)
    {
        var port = Usual("spare", Gender.Female);
        var twelve = port.Pins.First(pin => pin.Signal.Value.Name == "+12 V").Signal;
        return rail == "+12 V" ? port : port with
        {
            Pins = [.. rail == "+5 V" ? port.Pins.Where(pin => pin.Signal.Value.Name == rail)
                : port.Pins.Select(pin => pin.Signal.Value.Name == "+5 V" ? pin with { Signal = twelve } : pin)],
        };
    }

    [Theory]
    [InlineData(PartKind.Drive, 6, true)]
    [InlineData(PartKind.Card, 6, false)]
    [InlineData(PartKind.Drive, 9, false)] // 9 A beside the 1.5 A of the other are too much for 10 A
    public void Drives_start_one_after_another_where_that_is_enough(PartKind kind, double start, bool inTurn)
    {
        var draw = Draw("+12 V", 3) with { Start = Currents(start, start, start) };
        var found = Of(Two(new Part("one", "one", kind), draw), "+12 V", LoadCase.Start);
        Assert.Equal(inTurn, found.Any(relief => relief is { Words: "Let one, two start one after another", Edit: not null }));
        Assert.Contains(found, relief => relief.Words == $"{24 * (start - 5)} W less would do: each of one, two takes as much");
        var already = Two(new Part("one", "one", kind), draw);
        already = already with { Loads = [.. already.Loads.Select(load => load with { StartsInTurn = true })] };
        if (start > 6) Assert.DoesNotContain(Of(already, "+12 V", LoadCase.Start), relief => relief.Words.StartsWith("Let", StringComparison.Ordinal));
        Assert.Contains(found, relief => relief.Words == $"A supply that gives {24 * start} W here");
    }

    [Theory]
    [InlineData(Evidence.Assumed, true)]
    [InlineData(Evidence.Measured, false)]
    public void A_wide_range_that_nobody_measured_is_worth_the_meter(Evidence evidence, bool measure)
    {
        var draw = Draw("+12 V", 9, evidence) with { Peak = Currents(7, 9, 11) };
        Assert.Equal(measure, Of(Fed(SmallSupply(), draw), "+12 V").Any(relief => relief.Words.StartsWith("Measure what board takes")));
        // What is guessed to the ampere beside it has no range to be narrowed.
        var beside = Two(new Part("one", "one", PartKind.Drive), draw with { Evidence = Evidence.Measured, Peak = Currents(5, 7, 10) });
        beside = beside with { Loads = [beside.Loads[0], beside.Loads[1] with { Draws = [Draw("+12 V", 1, Evidence.Assumed)] }] };
        Assert.DoesNotContain(Of(beside, "+12 V"), relief => relief.Words.StartsWith("Measure"));
    }

    [Fact]
    public void A_drive_that_is_meant_for_one_plug_may_be_meant_for_another()
    {
        var type = ConnectorTypes.Find("drive-power-15")!;
        var graft = Fed(SmallSupply() with
        {
            Leads = [new SupplyLead("s", "string") { Awg = 24, Plugs = [new SupplyPlug("a", type), new SupplyPlug("b", type)] },
                new SupplyLead("t", "other string") { Awg = 24, Plugs = [new SupplyPlug("c", type)] }],
        });
        graft = graft with { Parts = Two(new Part("one", "one", PartKind.Drive)).Parts };
        graft = graft with
        {
            Loads = [Hung("one", "one", "supply").At("s/a") with { Draws = [Draw("+12 V", 1.5)] },
            Hung("two", "two", "supply").At("s/b") with { Draws = [Draw("+12 V", 1.5)] }]
        };
        var moves = Of(graft, "+12 V along string").Where(relief => relief.Edit is not null).ToArray();
        Assert.Equal(["Move one from a of string to c of other string, which is free", "Move two from b of string to c of other string, which is free"],
            moves.Select(relief => relief.Words));
        Assert.Equal(1.5, Limit(moves[1].Edit!.Apply(graft), "+12 V along string").In(LoadCase.Peak).Used.High.Value, 9);
    }

    // The part, and another like it.
    private static Graft Two(Part part, params ReadOnlySpan<Draw> draws)
    {
        ValueList<Draw> each = [.. draws];
        return Fed(SmallSupply()) with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply), part, part with { Id = "two", Name = "two" }],
            Loads = [Hung("one", "one", "supply") with { Draws = each }, Hung("two", "two", "supply") with { Draws = each }],
        };
    }

    private static ImmutableArray<Relief> Of(Graft graft, string name, LoadCase loadCase = LoadCase.Peak, bool isLate = false)
    {
        var review = Review.Of(graft);
        return ReliefSearch.Of(graft, review.Wire, review.Feed, "supply", Limit(graft, name, review.Feed), loadCase, new CancellationToken(isLate));
    }

    private static FeedLimit Limit(Graft graft, string name, FeedReview? feed = null)
        => (feed ?? Review.Of(graft).Feed).Supplies[0].Limits.Single(limit => limit.Name == name);
}
