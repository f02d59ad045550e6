using LooseGraft.Core.Feed;
using LooseGraft.Core.Seat.Reach;
using static LooseGraft.Core.Tests.Bench;
using static LooseGraft.Core.Tests.Feed.FeedGrafts;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>Another supply in place of the one there is.</summary>
public sealed class SupplyChoiceTests
{
    private const string Retail = "Retail supply, 450 W, bronze class";

    [Theory]
    [InlineData(600.0, "")]
    [InlineData(601.0, "its drive plug 2 reaches 600 mm, the one there 601 mm")]
    [InlineData(null, "")] // nobody measured
    public void A_lead_that_is_shorter_than_the_one_there_is_worth_a_look(double? length, string check)
    {
        var choice = Of(Joined(length), Retail);
        Assert.Equal(check.Length == 0 ? [] : [check], choice.Checks);
        Assert.Empty(choice.Losses);
    }

    [Theory]
    [InlineData(600, "")]
    [InlineData(601, "its drive plug 2 reaches 600 mm, 601 mm are needed")]
    public void A_lead_that_is_shorter_than_its_way_does_not_reach(double needed, string loss)
    {
        var run = new LeadRun("run", "run", "plane", new RunEnd(new PortId("board", "power"), default, 0), new RunEnd(null, default, 0));
        var choice = Of(Joined(900), Retail, new LeadReach(run, new Millimetres(needed), [], ReachVerdict.Reaches, []));
        Assert.Equal(loss.Length == 0 ? [] : [loss], choice.Losses);
        Assert.Empty(choice.Checks);
    }

    [Theory]
    [InlineData("cpu-power-4", "", "its processor plug has to part in two for the ")]
    [InlineData("cpu-power-8", "", "")]
    [InlineData("card-power-6", "", "its card plug has to part in two for the ")]
    [InlineData("barrel-jack", "no plug for the ", "")]
    public void Each_plug_in_use_wants_one_of_its_kind(string kind, string loss, string check)
    {
        var type = ConnectorTypes.Find(kind)!;
        var choice = Of(Fed(SmallSupply() with { Leads = [new SupplyLead("s", "lead") { Plugs = [new SupplyPlug("a", type)] }] }) is var graft
            ? graft with { Loads = [graft.Loads[0].At("s/a")] } : graft, Retail);
        Assert.Equal((loss.Length == 0 ? "" : loss + type.Name + " in use", check.Length == 0 ? "" : check + type.Name),
            (string.Join("", choice.Losses), string.Join("", choice.Checks)));
    }

    [Fact]
    public void A_brick_has_the_round_plug_that_is_in_use()
    {
        var supply = SmallSupply() with { Leads = [new SupplyLead("s", "lead") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("barrel-jack")!)] }] };
        var graft = Fed(supply, Draw("+12 V", 1));
        Assert.Empty(Of(graft with { Loads = [graft.Loads[0].At("s/a")] }, "Brick, 12 V 5 A").Losses);
    }

    [Fact]
    public void How_far_a_plug_reaches_is_said_of_its_lead_where_nobody_said_it_of_the_plug()
    {
        SupplyLead Lead(string port, double length) => new(port, port)
        {
            Length = new Millimetres(length),
            Plugs = [new SupplyPlug("a", ConnectorTypes.Find("drive-power-15")!) { Port = port }],
        };
        var graft = Joined(null).WithSupply("supply", supply => supply with { Leads = [Lead("other", 100), Lead("plug", 601)] });
        Assert.Equal(["its drive plug 2 reaches 600 mm, the one there 601 mm"], Of(graft, Retail).Checks);
    }

    [Fact]
    public void What_is_joined_elsewhere_takes_no_plug_of_the_supply()
    {
        var graft = Joined(300);
        var other = new Part("other", "other", PartKind.Card) { Ports = [new Port("in", "in", ConnectorTypes.Find("barrel-jack")!, Gender.Female)] };
        graft = graft with { Parts = [.. graft.Parts, other, other with { Id = "more" }], Joints = graft.Joints.Add(Straight("other/in", "more/in")) };
        Assert.Empty(Of(graft, Retail).Losses);
        Assert.NotEmpty(Of(graft with { Joints = graft.Joints.Add(Straight("supply/plug", "other/in")) }, "Brick, 12 V 5 A").Losses);
    }

    [Fact]
    public void Two_plugs_of_a_kind_want_two()
    {
        var type = ConnectorTypes.Find("card-power-8")!;
        var graft = Fed(SmallSupply() with { Leads = [new SupplyLead("s", "lead") { Plugs = [new SupplyPlug("a", type), new SupplyPlug("b", type)] }] });
        graft = graft with { Loads = [graft.Loads[0].At("s/a"), Hung("other", "board", "supply").At("s/b")] };
        Assert.Equal([$"no plug for the {type.Name} in use"], Of(graft, Retail).Losses);
    }

    [Fact]
    public void A_converter_that_is_meant_to_hang_on_a_plug_of_the_old_one_hangs_on_the_supply()
    {
        var type = ConnectorTypes.Find("peripheral-power-4")!;
        var graft = Fed(SmallSupply() with { Leads = [new SupplyLead("s", "lead") { Plugs = [new SupplyPlug("a", type)] }] }, Draw("+12 V", 1));
        var converter = new Supply("converter", "converter")
        {
            Rails = [new Rail(Signal("+5 V"), Limit(3))],
            Meant = new MeantInput("supply", "+12 V") { Plug = "s/a" },
        };
        graft = graft with
        {
            Parts = [.. graft.Parts, new Part("converter", "converter", PartKind.Converter)],
            Supplies = graft.Supplies.Add(converter),
        };
        Assert.Equal(FeedVerdict.Carries, Of(graft, Retail).Verdict);
    }

    [Theory]
    [InlineData(150, 140, false)]
    [InlineData(140, 150, false)] // it may have been measured lying the other way
    [InlineData(150, 139, true)]
    [InlineData(149, 141, true)]
    public void A_supply_that_is_larger_than_the_one_there_is_told(double width, double depth, bool larger)
    {
        var graft = Fed(SmallSupply()).WithPart("supply",
            part => part with { Body = new PartBody([.. new PlanRectangle(0, 0, width, depth).Corners], Evidence.Measured) });
        Assert.Equal(larger ? [$"larger than the one there, {width} × {depth} mm"] : [], Of(graft, Retail).Checks);
        // A brick lies outside.
        Assert.Empty(Of(graft, "Brick, 19 V 6.3 A").Checks);
    }

    [Fact]
    public void Age_form_and_noise_stand_beside_the_watts()
    {
        var choice = Of(Fed(SmallSupply() with { AgeYears = 9 }), Retail);
        Assert.Contains("new, where the one there is 9 years old", choice.Gains);
        Assert.Equal(("ATX, 150 × 86 × 140 mm deep", "fan of 120 mm: quiet until it works hard"), (choice.Outside, choice.Noise));
        Assert.Equal("no fan", Of(Fed(SmallSupply()), "Brick, 12 V 5 A").Noise);
        Assert.Equal("fan of 40 mm: heard in any work", Of(Fed(SmallSupply()), "Slim supply, 250 W, bronze class").Noise);
    }

    [Fact]
    public void What_lacks_a_rail_that_is_drawn_from_does_not_carry_whatever_its_watts()
    {
        var choice = Of(Fed(SmallSupply(), Draw("+5 V", 1)), "Brick, 12 V 5 A");
        Assert.Equal((FeedVerdict.DoesNotCarry, "no +5 V"), (choice.Verdict, Assert.Single(choice.Losses)));
        Assert.NotEqual(FeedVerdict.DoesNotCarry, Of(Fed(SmallSupply(), Draw("+12 V", 1)), "Brick, 12 V 5 A").Verdict);
    }

    [Fact]
    public void Wires_that_stay_are_no_limit_of_another_supply()
    {
        var graft = BehindAdapter(20);
        Assert.Contains(
            Review.Of(graft).Feed.Supplies[0].Limits, limit => limit.Kind == FeedLimitKind.Lead && limit.In(LoadCase.Peak).Verdict != FeedVerdict.Carries);
        var choice = Of(graft, Retail);
        Assert.Equal(FeedVerdict.Carries, choice.Verdict);
        Assert.DoesNotContain("wires", choice.Tightest, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("card-power-8", 2, "+12 V", 25)]
    [InlineData("card-power-8", 2, "+5 V", 1)]
    [InlineData("card-power-6", 2, "+12 V", 30)]
    [InlineData("cpu-power-4", 2, "+12 V", 12)]
    [InlineData("barrel-jack", 1, "+12 V", 10)]
    public void Those_that_lose_nothing_come_first_then_those_that_carry_then_those_that_lose_least(
        string kind, int plugs, string rail, double amps)
    {
        var type = ConnectorTypes.Find(kind)!;
        var names = Enumerable.Range(1, plugs).Select(at => $"{at}").ToArray();
        var graft = Fed(SmallSupply() with { Leads = [new SupplyLead("s", "lead") { Plugs = [.. names.Select(name => new SupplyPlug(name, type))] }] });
        var loads = names.Select(name => Hung("load" + name, "board", "supply").At("s/" + name));
        graft = graft with { Loads = [.. loads, Hung("more", "board", "supply") with { Draws = [Draw(rail, amps)] }] };
        var feed = Review.Of(graft).Feed;
        var keys = SupplyChoice.InPlaceOf(graft, feed, feed.Supplies[0], [])
            .Select(choice => (choice.Losses.Length > 0, choice.Verdict, choice.Losses.Length, choice.Checks.Length)).ToArray();
        Assert.Equal(keys.Order(), keys);
    }

    // A drive on a lead of a length.
    private static Graft Joined(double? length)
    {
        var graft = Fed(SmallSupply(), Draw("+5 V", 1));
        return graft with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply)
            {
                Ports = [Usual("plug", Gender.Female) with { LeadLength = length is { } mm ? new Millimetres(mm) : null }],
            },
                new Part("board", "board", PartKind.Drive) { Ports = [Usual("power", Gender.Male)] }],
            Joints = [Straight("supply/plug", "board/power")],
        };
    }

    private static SupplyChoice Of(Graft graft, string name, params ReadOnlySpan<LeadReach> reaches)
    {
        var feed = Review.Of(graft).Feed;
        return SupplyChoice.InPlaceOf(graft, feed, feed.Supplies[0], [.. reaches]).Single(choice => choice.Name == name);
    }
}
