using CsCheck;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Tests.Wire;

public sealed class MatingTests
{
    private static readonly Gen<(Port Header, Port Plug)> AnyPair =
        from headerRows in Gen.Int[1, 3]
        from headerColumns in Gen.Int[1, 5]
        from plugRows in Gen.Int[1, 3]
        from plugColumns in Gen.Int[1, 5]
        from numbering in Gen.Enum<Numbering>()
        from absent in Gen.Int[1, headerRows * headerColumns]
        from blocked in Gen.Int[1, plugRows * plugColumns]
        select (Grid(Gender.Male, headerRows, headerColumns, Numbering.Zigzag).With(new Pin(absent) { Contact = ContactState.Absent }),
            Grid(Gender.Female, plugRows, plugColumns, numbering).With(new Pin(blocked) { Contact = ContactState.Blocked }));

    [Fact]
    public void The_placements_found_are_all_there_are()
        => AnyPair.Hold(pair =>
        {
            var found = new Mating(pair.Header, pair.Plug).Possible().ToHashSet();
            Assert.Equal(ByBruteForce(pair.Header, pair.Plug), found);
        });

    [Theory]
    [InlineData("usb2-header", Gender.Female, false)]
    [InlineData("usb2-header", Gender.Male, true)]
    [InlineData("crimp-plug", Gender.Female, true)]
    public void In_a_plug_that_is_keyed_the_cavity_without_a_contact_is_filled(string type, Gender gender, bool goesOn)
    {
        var plug = (Grid(gender, 1, 2, Numbering.AlongRows) with { Type = ConnectorTypes.Find(type)! }).With(new Pin(1) { Contact = ContactState.Absent });
        Assert.Equal(goesOn, new Mating(Grid(Gender.Male, 1, 2, Numbering.AlongRows), plug).GoesOn(PlugPlacement.Straight));
    }

    [Fact]
    public void Every_placement_lets_each_position_meet_at_most_once()
        => AnyPair.Hold(pair =>
        {
            var mating = new Mating(pair.Header, pair.Plug);
            foreach (var placement in mating.Possible())
            {
                var meetings = mating.Meetings(placement).ToArray();
                Assert.Equal(meetings.Length, meetings.Select(meeting => meeting.From).Distinct().Count());
                Assert.Equal(meetings.Length, meetings.Select(meeting => meeting.To).Distinct().Count());
            }
        });

    [Fact]
    public void Given_two_rows_of_two_turned_end_for_end_one_meets_four()
    {
        var mating = new Mating(Grid(Gender.Male, 2, 2, Numbering.Zigzag), Grid(Gender.Female, 2, 2, Numbering.Zigzag));
        Assert.Equal([(1, 4), (2, 3), (3, 2), (4, 1)], mating.Meetings(new PlugPlacement(2, 0, 0)).Select(meeting => (meeting.From, meeting.To)));
    }

    [Fact]
    public void Given_a_wall_on_both_halves_there_is_one_way()
        => Assert.Equal([PlugPlacement.Straight],
            new Mating(Bench.Header("ground,ground", "shrouded-header"), Bench.Plug("ground,ground", "shrouded-header")).Possible());

    [Fact]
    public void Given_a_wall_on_the_header_only_the_plug_may_turn_but_not_hang_over()
        => Assert.Equal(2, new Mating(Bench.Header("ground,ground", "shrouded-header"), Bench.Plug("ground,ground")).Possible().Count());

    [Fact]
    public void Given_a_wall_on_the_plug_only_it_may_turn_but_not_hang_over()
        => Assert.Equal(2, new Mating(Bench.Header("ground,ground"), Bench.Plug("ground,ground", "shrouded-header")).Possible().Count());

    [Fact]
    public void A_three_position_fan_plug_goes_on_a_four_position_header_one_way()
    {
        var header = new Port("fan", "fan", ConnectorTypes.Find("fan-4")!, Gender.Male);
        var plug = new Port("plug", "plug", ConnectorTypes.Find("fan-3")!, Gender.Female);
        Assert.Empty(PlugFit.Problems(header, plug));
        Assert.Equal([PlugPlacement.Straight], new Mating(header, plug).Possible());
        Assert.Equal([PlugPlacement.Straight], new Mating(plug with { Gender = Gender.Male }, header with { Gender = Gender.Female }).Possible());
    }

    [Fact]
    public void The_joint_says_where_position_one_lies()
    {
        var (header, plug) = (Bench.Header("ground,ground,ground,ground"), Bench.Plug("ground,ground"));
        var joint = new Joint("joint", new PortId("a", "a"), new PortId("b", "b"), JointMethod.Straight) { PinOneOn = 4, TurnDegrees = 180 };
        var mating = new Mating(header, plug);
        Assert.Equal([(3, 2), (4, 1)], mating.Meetings(mating.Intended(joint)).Select(meeting => (meeting.From, meeting.To)));
    }

    private static Port Grid(Gender gender, int rows, int columns, Numbering numbering)
        => new("port", "port", ConnectorTypes.Find("pin-header")!, gender) { OwnRows = rows, OwnColumns = columns, OwnNumbering = numbering };

    // Every turn of every shift within reach, asking of each pair of positions whether they coincide and what stands there.
    private static HashSet<PlugPlacement> ByBruteForce(Port header, Port plug)
    {
        var (headerGrid, plugGrid) = (new PortGrid(header), new PortGrid(plug));
        var ways = from turn in Enumerable.Range(0, 4)
                   where turn % 2 == 0 || (plug.Rows == plug.Columns && plug.Rows > 1) || (plug.Rows == 1 && plug.Columns > 1 && plug.Columns <= header.Rows)
                   from row in Enumerable.Range(-6, 13)
                   from column in Enumerable.Range(-6, 13)
                   let placement = new PlugPlacement(turn, row, column)
                   let pairs = (from one in header.AllPins()
                                from other in plug.AllPins()
                                where headerGrid[one.Position] == placement.Move(plugGrid[other.Position], plugGrid)
                                select (One: one.Contact, Other: other.Contact)).ToArray()
                   where pairs.All(pair => pair is not (ContactState.Wired, ContactState.Blocked)) && pairs.Contains((ContactState.Wired, ContactState.Wired))
                   select placement;
        return [.. ways];
    }
}
