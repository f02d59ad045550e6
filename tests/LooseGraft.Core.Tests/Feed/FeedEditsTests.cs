using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What edits of Feed change, and what they leave alone.</summary>
public sealed class FeedEditsTests
{
    [Theory]
    [InlineData("board", "supply", 2, "supply")] // beside what it takes from there already
    [InlineData("board", null, 2, "supply")]
    [InlineData("board", "other", 1, "other")] // what is meant to hang elsewhere is a load of its own
    [InlineData("board", "gone", 0, null)]
    [InlineData("gone", "supply", 0, null)]
    public void A_draw_joins_what_its_part_takes_from_the_same_supply(string part, string? supply, int draws, string? meant)
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 1));
        graft = graft with { Supplies = [.. graft.Supplies, SmallSupply() with { Id = "other", Part = "supply" }] };
        var after = new AddDraw(part, supply, Draw("+5 V", 1)).Apply(graft);
        if (draws == 0) Assert.Equal(graft, after);
        else
        {
            var load = after.Loads.Single(load => load.Draws.Any(draw => draw.Rail == "+5 V"));
            Assert.Equal((draws, meant), (load.Draws.Length, load.Meant?.Supply));
        }
    }

    [Theory]
    [InlineData("+12 V", null, true)] // it takes that already
    [InlineData("+12 V", "main", false)] // by a socket of its own it does not
    [InlineData("+5 V", "gone", true)]
    public void A_rail_is_taken_once_by_each_socket(string rail, string? socket, bool same)
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 1)).WithPart("board", part => part with { Ports = [Header("+12 V,ground") with { Id = "main" }] });
        Assert.Equal(same, new AddDraw("board", "supply", Draw(rail, 1) with { Socket = socket }).Apply(graft) == graft);
    }

    [Fact]
    public void Of_two_draws_from_one_rail_the_one_that_is_meant_goes_and_with_the_last_the_load()
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 1), Draw("+12 V", 2) with { Socket = "main" }, Draw("+5 V", 1) with { Socket = "main" });
        var one = new RemoveDraw("load", "+12 V", "main").Apply(graft);
        Assert.Equal([("+12 V", null), ("+5 V", "main")], one.Loads[0].Draws.Select(draw => (draw.Rail, draw.Socket)));
        Assert.Empty(new RemoveDraw("load", "+5 V", "main").Apply(new RemoveDraw("load", "+12 V", null).Apply(one)).Loads);
        Assert.Equal(graft, new RemoveDraw("gone", "+12 V", null).Apply(graft));
    }

    [Theory]
    [InlineData(LoadCase.Idle)]
    [InlineData(LoadCase.Typical)]
    [InlineData(LoadCase.Peak)]
    [InlineData(LoadCase.Start)]
    [InlineData(LoadCase.Spike)]
    public void A_figure_is_set_for_its_load_case_alone(LoadCase set)
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 4) with { Start = Currents(5, 5, 5), Spike = Currents(6, 6, 6) });
        var draw = new SetDraw("load", "+12 V", null, set, Currents(0.1, 0.2, 0.3), Evidence.Label, null).Apply(graft).Loads[0].Draws[0];
        foreach (var loadCase in LoadCases.All)
            Assert.Equal(loadCase == set ? Currents(0.1, 0.2, 0.3) : FeedStage.Current(graft.Loads[0].Draws[0], loadCase), FeedStage.Current(draw, loadCase));
        Assert.Equal(Evidence.Label, draw.Evidence);
    }

    [Fact]
    public void A_start_that_is_said_to_be_what_is_usual_stays_unsaid()
        => Assert.Null(new SetDraw("load", "+12 V", null, LoadCase.Start, Currents(2, 2, 2), Evidence.Label, null)
            .Apply(Fed(SmallSupply(), Draw("+12 V", 4))).Loads[0].Draws[0].Start);

    [Theory]
    [InlineData("12V1", null, true)]
    [InlineData("12V1|12V2", null, false)] // both give one voltage
    [InlineData("12V1|+5 V", "ground", true)]
    [InlineData("12V3", null, false)]
    [InlineData("12V1", "12V9", false)]
    public void A_lead_hangs_on_rails_that_there_are_and_on_one_of_each_voltage(string rails, string? few, bool described)
    {
        var graft = Fed(TwoRails());
        var edit = new DescribeLead("supply", "s", 16, new Millimetres(400), 2, [.. rails.Split('|')], few is null ? [] : [new RailWires(few, 3)], true);
        var lead = edit.Apply(graft).Supplies[0].Leads[0];
        Assert.Equal(described ? 16 : 18, lead.Awg);
        // A drive plug is one piece whatever is said of the lead.
        if (described) Assert.Equal([true, null], lead.Plugs.Select(plug => plug.Parts));
        Assert.Equal(graft, (edit with { Supply = "gone" }).Apply(graft));
    }

    [Theory]
    [InlineData("supply|supply", true)]
    [InlineData("rail|supply|12V2", true)]
    [InlineData("rail|supply|12V3", false)]
    [InlineData("plug|supply|s/a", true)]
    [InlineData("plug|supply|s/z", false)]
    [InlineData("port|supply|board/main", true)]
    [InlineData("port|supply|board/none", false)]
    [InlineData("supply|gone", false)]
    public void A_place_is_kept_if_all_that_it_names_is_there(string text, bool isThere)
    {
        var graft = Fed(TwoRails()).WithPart("board", part => part with { Ports = [Header("+12 V,ground") with { Id = "main" }] });
        var place = LoadPlace.Parse(text);
        Assert.Equal(text, place.ToString());
        Assert.Equal(isThere ? place.Way : null, LoadPlace.Kept(graft, place.Way));
        Assert.Equal(isThere ? place.Way : null, new MeanLoad("load", place).Apply(graft).Loads[0].Meant);
    }

    [Theory]
    [InlineData("")]
    [InlineData("rail|supply")]
    [InlineData("nonsense|supply|x")]
    public void What_is_no_place_is_nowhere_in_particular(string text) => Assert.Null(LoadPlace.Parse(text).Way);

    [Fact]
    public void A_load_may_hang_on_the_supply_its_plugs_its_rails_of_one_voltage_and_ports_that_carry_its_rail()
    {
        var graft = Fed(TwoRails(), Draw("+12 V", 1));
        graft = graft with
        {
            Parts = [.. graft.Parts, new Part("other", "other", PartKind.Board) { Ports = [Header("+12 V,ground") with { Id = "fan", Name = "fan" },
                Header("+5 V,ground") with { Id = "usb", Name = "usb" }] },
                new Part("card", "card", PartKind.Card) { Ports = [Header("+12 V,ground") with { Id = "c", Name = "c" }] }],
        };
        Assert.Equal(["supply itself", "a of string", "b of string", "fan of other", "12V1 of supply itself", "12V2 of supply itself"],
            LoadPlace.For(graft, graft.Supplies[0], graft.Loads[0]).Select(each => each.Name));
    }

    [Fact]
    public void Only_the_loads_that_are_named_start_in_turn()
    {
        var graft = Fed(SmallSupply()) with { Loads = [Hung("a", "board", "supply"), Hung("b", "board", "supply"), Hung("c", "board", "supply")] };
        Assert.Equal([true, false, true], new StartInTurns(["a", "c"]).Apply(graft).Loads.Select(load => load.StartsInTurn));
    }

    private static Supply TwoRails() => SmallSupply() with
    {
        Rails = [new Rail(Signal("+12 V"), Limit(10)) { Label = "12V1" }, new Rail(Signal("+12 V"), Limit(10)) { Label = "12V2" },
            new Rail(Signal("+5 V"), Limit(10))],
        Combined = [],
        Leads = [new SupplyLead("s", "string")
        {
            Plugs = [new SupplyPlug("a", ConnectorTypes.Find("card-power-8")!), new SupplyPlug("b", ConnectorTypes.Find("drive-power-15")!)],
        }],
    };
}
