using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
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
    public void What_an_edit_says_it_does_is_what_stands_after_it()
    {
        var graft = Fed(TwoRails(), Draw("+12 V", 1)).WithPart("board", part => part with { Ports = [Header("+12 V,ground") with { Id = "main" }] });
        graft = new AddWallReading(new WallReading("", default, WallWork.Peak, new Watts(84))).Apply(graft);
        GraftEdit[] edits = [new SetDraw("load", "+12 V", null, LoadCase.Peak, Currents(2, 3, 4), Evidence.Label, null), new MeanLoad("load", default),
            new MeanLoad("load", LoadPlace.Parse("plug|supply|s/a")), new HoldLoad("load", new Watts(9), Evidence.Label, true), new SetMains(230),
            new DescribeLead("supply", "s", 20, new Millimetres(300), 3, ["12V1"], [], null),
            new LimitPort(new PortId("board", "main"), new PortLimit(new Amps(2), null, Evidence.Label)), new SetHeadroom(new Watts(450), 0.3),
            new RelabelSupply("supply", SmallSupply()), new SetMeteredSupply("wall", "supply"), new TrustSchool(FeedSchool.Summed)];
        foreach (var edit in edits)
        {
            Assert.NotEqual(graft, edit.Apply(graft));
            Assert.EndsWith(edit.Standing(edit.Apply(graft)), edit.Words(graft));
            if (edit is not (SetMains or SetHeadroom or TrustSchool)) Assert.Contains("not there any more", edit.Standing(Graft.Empty("none")));
        }
    }

    [Fact]
    public void A_string_of_plugs_becomes_ports_of_the_other_gender()
    {
        var (drive, jack) = (ConnectorTypes.Find("drive-power-15")!, ConnectorTypes.All.First(type => type.BoardGender == Gender.Female));
        var graft = Fed(SmallSupply());
        var after = new AddSupplyLead("supply", new SupplyLead("s", "drives") { Plugs = [new SupplyPlug("a", drive), new SupplyPlug("b", jack)] }).Apply(graft);
        Assert.Equal([("drives, plug 1", Gender.Female), ("drives, plug 2", Gender.Male)], after.Parts[0].Ports.Select(port => (port.Name, port.Gender)));
        Assert.Equal(after.Parts[0].Ports.Select(port => port.Id), Assert.Single(after.Supplies[0].Leads).Plugs.Select(plug => plug.Port!));
        var one = new AddSupplyLead("supply", new SupplyLead("s", "drives") { Plugs = [new SupplyPlug("a", drive)] }).Apply(graft);
        Assert.Equal("drives", one.Parts[0].Ports[0].Name);
        Assert.Equal(("1 lead", "0 leads"),
            (new RemoveSupplyLead("supply", "s").Standing(after), new AddSupplyLead("gone", new SupplyLead("s", "s")).Standing(after)));
        Assert.Equal(graft, new AddSupplyLead("gone", new SupplyLead("s", "drives")).Apply(graft));
    }

    [Fact]
    public void A_part_that_was_tried_takes_what_was_tried_and_hangs_where_it_was()
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 1));
        var after = new AddTriedPart(PartTemplate.Find("drive-35")!, [Draw("+5 V", 2)], new MeantWay("supply")).Apply(graft);
        Assert.Equal([graft.Loads[0],
            new Load(after.Parts[2].Id, after.Parts[2].Id) { Draws = [Draw("+5 V", 2)], Meant = new MeantWay("supply") }], after.Loads);
        Assert.Equal(graft, new AddTriedPart(PartTemplate.Find("drive-35")!, [], new MeantWay("gone")).Apply(graft));
    }

    [Fact]
    public void Only_the_loads_that_are_named_start_in_turn()
    {
        var graft = Fed(SmallSupply()) with { Loads = [Hung("a", "board", "supply"), Hung("b", "board", "supply"), Hung("c", "board", "supply")] };
        Assert.Equal([true, false, true], new StartInTurns(["a", "c"]).Apply(graft).Loads.Select(load => load.StartsInTurn));
    }

    [Fact]
    public void What_is_usual_is_taken_only_where_nothing_is_known()
    {
        var sort = PartTemplate.Find("drive-35")!;
        var graft = Fed(SmallSupply(), Draw("+12 V", 1)).WithPart("supply", part => part with { Kind = PartKind.Supply });
        Assert.Equal(graft, new TakeUsualDraws("board", sort).Apply(graft));
        var silent = graft with { Loads = [graft.Loads[0] with { Draws = [] }] };
        var taken = new TakeUsualDraws("board", sort).Apply(silent).Loads;
        Assert.Equal(("load", "supply", 2), (taken[0].Id, taken[0].Meant?.Supply, Assert.Single(taken).Draws.Length));
        Assert.Equal(2, Assert.Single(new TakeUsualDraws("board", sort).Apply(graft with { Loads = [] }).Loads).Draws.Length);
    }

    [Theory]
    [InlineData("brick", "s/a")] // by the same supply as before: its plug is still known
    [InlineData("other", null)]
    [InlineData(null, null)]
    [InlineData("gone", "unchanged")]
    public void What_feeds_a_supply_keeps_its_plug_while_it_stays_the_same(string? input, string? plug)
    {
        var graft = Fed(SmallSupply() with { Meant = new MeantInput("brick", "+12 V") { Plug = "s/a" } });
        graft = graft with { Supplies = [.. graft.Supplies, SmallSupply() with { Id = "brick" }, SmallSupply() with { Id = "other" }] };
        var edit = new DescribeSupply("supply", EfficiencyClass.Gold, 3, true, input is null ? null : new MeantInput(input, "+12 V"));
        var after = edit.Apply(graft);
        if (plug == "unchanged") Assert.Equal(graft, after);
        else Assert.Equal(graft.Supplies[0] with
        {
            Class = EfficiencyClass.Gold,
            AgeYears = 3,
            RunsHot = true,
            Meant = input is null ? null : new MeantInput(input, "+12 V") { Plug = plug },
        }, after.Supplies[0]);
    }

    [Fact]
    public void A_reading_is_kept_to_a_tenth_and_names_only_what_there_is()
    {
        var graft = Fed(SmallSupply());
        var reading = new WallReading("", default, WallWork.Peak, new Watts(84.46))
        {
            MostOften = new Watts(90.04),
            Supply = "gone",
            Without = ["board", "gone"],
        };
        var kept = Assert.Single(new AddWallReading(reading).Apply(graft).WallReadings);
        Assert.Equal((84.5, 90.0, null, null, "board"), (kept.Mean.Value, kept.MostOften!.Value.Value, kept.Highest, kept.Supply, Assert.Single(kept.Without)));
        var two = new AddWallReading(reading with { Supply = "supply" }).Apply(graft with { WallReadings = [kept] });
        Assert.Equal(["wall", "wall-2"], two.WallReadings.Select(each => each.Id));
        Assert.Equal([null, "supply"], two.WallReadings.Select(each => each.Supply));
        Assert.Equal(["supply", "supply"], new SetMeteredSupply("wall", "supply").Apply(two).WallReadings.Select(each => each.Supply));
        Assert.Equal(two, new SetMeteredSupply("wall", "gone").Apply(two));
        Assert.Equal(["wall-2"], new RemoveWallReading("wall").Apply(two).WallReadings.Select(each => each.Id));
    }

    [Fact]
    public void With_a_lead_goes_what_was_said_of_it_and_its_plugs_that_nothing_is_joined_to()
    {
        var type = ConnectorTypes.Find("drive-power-15")!;
        SupplyLead Lead(string id) => new(id, id) { Plugs = [new SupplyPlug("a", type) { Port = $"{id}-a" }, new SupplyPlug("b", type) { Port = $"{id}-b" }] };
        var graft = Fed(SmallSupply() with { Leads = [Lead("s"), Lead("st")] });
        graft = graft with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply)
            {
                Ports = [.. ((string[])["s-a", "s-b", "st-a", "st-b"]).Select(id => new Port(id, id, type, Gender.Female))],
            }, new Part("board", "board", PartKind.Board) { Ports = [new Port("power", "power", type, Gender.Male)] }],
            Joints = [new Joint("j", new PortId("supply", "s-a"), new PortId("board", "power"), JointMethod.Straight)],
            Supplies = [.. graft.Supplies, SmallSupply() with { Id = "brick", Meant = new MeantInput("supply", "+12 V") { Plug = "s/b" } }],
            Loads = [Hung("one", "board", "supply").At("s/a"), Hung("two", "board", "supply").At("st/a")],
        };
        var after = new RemoveSupplyLead("supply", "s").Apply(graft);
        Assert.Equal(["st"], after.Supplies[0].Leads.Select(lead => lead.Id));
        Assert.Equal([null, "st/a"], after.Loads.Select(load => load.Meant!.Plug));
        Assert.Equal(("supply", null), (after.Supplies[1].Meant!.Supply, after.Supplies[1].Meant!.Plug));
        Assert.Equal(["s-a", "st-a", "st-b"], after.FindPart("supply")!.Ports.Select(port => port.Id));
    }

    [Fact]
    public void A_setting_that_is_said_anew_keeps_what_was_noted_of_it()
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 1));
        var cap = new PowerCap(new(new Watts(65), Evidence.Label, "page three of its menu"));
        graft = graft with { Loads = [graft.Loads[0] with { Cap = cap }, Hung("other", "board", "supply")] };
        var held = new HoldLoad("load", new Watts(45), Evidence.Measured, true).Apply(graft).Loads;
        Assert.Equal((45.0, Evidence.Measured, "page three of its menu", true),
            (held[0].Cap!.Limit.Value.Value, held[0].Cap!.Limit.Evidence, held[0].Cap!.Limit.Note, held[0].StartsInTurn));
        Assert.Equal(graft.Loads[1], held[1]);
        Assert.Null(new HoldLoad("load", null, Evidence.Measured, false).Apply(graft).Loads[0].Cap);
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
