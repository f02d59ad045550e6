using System.Collections.Immutable;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Remedies;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>What is offered to mend a fault, and what is not.</summary>
public sealed class RemedySearchTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,ground");

    [Fact]
    public void Two_wires_that_changed_places_are_exchanged_and_no_good_one_is_taken_out()
    {
        var drive = Part(PartKind.Drive, "drive", "+12 V,ground,+5 V");
        var graft = Assembled([Supply, drive], "supply/1-drive/3", "supply/2-drive/2", "supply/3-drive/1");
        Assert.All(Tried(graft), tried =>
        {
            Assert.True(tried.IsAll);
            Assert.Equal("wire p on p by the proposed table: 2 of 3 wires move", tried.Found[0].Words);
            Assert.Contains(tried.Found, remedy => remedy.Words.StartsWith("exchange the wires at positions", StringComparison.Ordinal));
            Assert.DoesNotContain(tried.Found, remedy => remedy.Words.StartsWith("take out", StringComparison.Ordinal));
            Assert.All(tried.Found, remedy => Assert.Equal((0, 0), (remedy.Lost, remedy.Left)));
        });
    }

    [Fact]
    public void A_tie_that_shorts_goes_and_the_wires_stay()
    {
        var graft = Assembled([Supply, Part(PartKind.Drive, "drive", "+12 V,ground,+5 V")], "supply/1-drive/1", "supply/2-drive/2", "supply/3-drive/3")
            .WithJoint("j1", joint => joint with { Ties = [new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, 2))] });
        Assert.Equal(["take out the tie between positions 1 and 2 of p"], Tried(graft).Single().Found.Select(remedy => remedy.Words));
    }

    [Fact]
    public void A_link_that_was_forgotten_in_a_block_goes_and_the_wires_of_a_lead_are_no_such_links()
    {
        var block = Part(PartKind.Lead, "block", "none,none", Link(1, 2));
        var graft = Assembled([Supply, block], "supply/1-block/1", "supply/2-block/2");
        Assert.Equal(["take out the link between p/1 and p/2 in block"], Tried(graft).Single().Found.Select(remedy => remedy.Words));

        var lead = new Part("lead", "lead", PartKind.Lead) { Ports = [Port("near", "none,none"), Port("far", "none,none")], Links = [Link("near/1", "far/1")] };
        var crossed = Assembled([Supply, lead, Part(PartKind.Drive, "drive", "+5 V,ground")], "supply/1-lead.near/1", "lead.far/1-drive/1", "supply/2-drive/2");
        Assert.DoesNotContain(Tried(crossed).SelectMany(tried => tried.Found), remedy => remedy.Words.Contains("link", StringComparison.Ordinal));
    }

    [Fact]
    public void What_lies_the_wrong_way_round_is_turned()
    {
        var light = Part(PartKind.Panel, "light", "none,none", Link(1, 2, LinkKind.Diode, "1 A"));
        var graft = Assembled([Supply, light], "supply/1-light/1", "supply/2-light/2");
        Assert.Contains(Tried(graft).SelectMany(tried => tried.Found), remedy => remedy.Words == "exchange the two legs of the diode (1 A) in light");
    }

    [Fact]
    public void A_missing_return_is_joined()
    {
        var board = Part(PartKind.Board, "board", "<+5 V,ground,serial-receive@5");
        var graft = Assembled([Supply, board], "supply/3-board/1");
        var remedy = Tried(graft).Single().Found[0];
        Assert.Equal((0, 0), (remedy.Lost, remedy.Left));
        Assert.Contains(Tried(graft).Single().Found, each => each.Words is "join position 2 of p and position 2 of p (ground)");
    }

    [Fact]
    public void Where_nothing_else_helps_a_wire_is_taken_out_and_what_it_served_is_counted()
    {
        var graft = Assembled([Part(PartKind.Other, "modem", "serial-transmit@12,ground"), Part(PartKind.Board, "board", "serial-receive@3.3,ground")],
            "modem/1-board/1", "modem/2-board/2");
        var remedy = Assert.Single(Tried(graft).Single().Found);
        Assert.Equal("take out the wire 1 to 1 of p on p, and leave off what it is for", remedy.Words);
    }

    [Fact]
    public void A_stop_may_become_a_fix_and_what_goes_on_serving_goes_first()
    {
        static Part Named(PartKind kind, string name, string pins) => new(name, name, kind) { Ports = [Port("p", pins) with { Name = name }] };
        var graft = Assembled(
            [Named(PartKind.Other, "modem", "serial-transmit@12,ground"), Named(PartKind.Lead, "tag", "none"),
                Named(PartKind.Board, "board", "serial-receive@3.3,ground"), Named(PartKind.Other, "logger", "serial-receive@12,ground")],
            "modem/1-tag/1", "tag/1-board/1", "tag/1-logger/1", "modem/2-board/2", "modem/2-logger/2");
        Assert.Equal(["leave board on tag off: this wire is all it has: 0 lost, 0 left", "leave tag on modem off: this wire is all it has: 1 lost, 1 left"],
            Tried(graft).Single().Found.Select(remedy => $"{remedy.Words}: {remedy.Lost} lost, {remedy.Left} left"));
    }

    [Fact]
    public void A_drive_that_burns_is_left_off_and_the_fan_beside_it_goes_on()
    {
        var (fan, drive) = (Part(PartKind.Fan, "fan", "+12 V,ground"), Part(PartKind.Drive, "drive", "+5 V,ground"));
        var graft = Assembled([Supply, Part(PartKind.Lead, "tag", "none"), fan, drive],
            "supply/1-tag/1", "tag/1-fan/1", "tag/1-drive/1", "supply/2-fan/2", "supply/2-drive/2");
        Assert.Equal(["leave p on p off: this wire is all it has: 0 lost, 0 left"],
            Tried(graft).Single().Found.Select(remedy => $"{remedy.Words}: {remedy.Lost} lost, {remedy.Left} left"));
    }

    [Fact]
    public void A_wire_moves_to_a_free_place_where_it_is_right_at_either_end()
    {
        var drive = Part(PartKind.Drive, "drive", "+5 V,ground,+12 V,+12 V");
        Assert.Equal(["move the wire 1 to 1 of p on p to p, position 3: 0 left", "move the wire 1 to 1 of p on p to p, position 3: 0 left",
            "move the wire 1 to 1 of p on p to p, position 4: 0 left"], Words(Assembled([Supply, drive], "supply/1-drive/1", "supply/2-drive/2")));
        // What has a wire already is no free place.
        Assert.Empty(Words(Assembled([Supply, drive], "supply/1-drive/1", "supply/2-drive/2", "supply/1-drive/3", "supply/3-drive/4")));

        static IEnumerable<string> Words(Graft graft) => Tried(graft)[0].Found.Where(remedy => remedy.Words.StartsWith("move", StringComparison.Ordinal))
            .Select(remedy => $"{remedy.Words}: {remedy.Left} left");
    }

    [Fact]
    public void Nobody_is_told_to_take_the_wire_out_of_what_nothing_feeds()
    {
        var graft = Assembled([Part(PartKind.Other, "empty", "none,ground"), Part(PartKind.Drive, "drive", "<+5 V,ground")], "empty/1-drive/1", "empty/2-drive/2");
        Assert.Empty(Tried(graft).Single().Found);
    }

    [Fact]
    public void A_search_that_is_given_up_has_tried_what_is_likeliest_and_says_so()
    {
        var few = GivenUp(Assembled([Supply, Part(PartKind.Drive, "drive", "ground,+12 V")], "supply/1-drive/1", "supply/2-drive/2"));
        Assert.Equal((true, true, true), (few.Tried < RemedySearch.LeastTried, few.IsAll, few.Found.Length > 0));

        var many = GivenUp(Crossed(20));
        Assert.Equal((12, false), (many.Tried, many.IsAll));

        static RemediesTried GivenUp(Graft graft)
        {
            var review = WireStage.Review(graft);
            return RemedySearch.Of(graft, review, review.Circuit.Conflicts[0], new CancellationToken(canceled: true));
        }
    }

    [Fact]
    public void Of_very_many_changes_the_first_two_hundred_are_tried()
    {
        var graft = Crossed(110);
        var review = WireStage.Review(graft);
        var tried = RemedySearch.Of(graft, review, review.Circuit.Conflicts[0], CancellationToken.None);
        Assert.Equal((200, false, RemedySearch.MostOffered >= tried.Found.Length), (tried.Tried, tried.IsAll, true));
        Assert.Equal(0, tried.Found[0].Left);
    }

    [Fact]
    public void What_is_offered_is_found_again_by_its_words_and_what_mends_nothing_is_not()
    {
        var graft = Assembled([Supply, Part(PartKind.Drive, "drive", "+12 V,ground,+5 V")], "supply/1-drive/1", "supply/2-drive/2", "supply/3-drive/3")
            .WithJoint("j1", joint => joint with { Ties = [new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, 2))] });
        var review = WireStage.Review(graft);
        var fault = review.Circuit.Conflicts[0];
        var offered = Assert.Single(RemedySearch.Of(graft, review, fault, CancellationToken.None).Found);
        Assert.Equal(offered, RemedySearch.Find(graft, review, fault, offered.Words));
        Assert.Null(RemedySearch.Find(graft, review, fault, "do as one likes"));
        var others = RemedyCandidates.Of(graft, review, fault).Where(candidate => !candidate.TakesOut && candidate.Words != offered.Words).ToArray();
        Assert.NotEmpty(others);
        Assert.All(others, candidate => Assert.Null(RemedySearch.Find(graft, review, fault, candidate.Words)));
    }

    [Fact]
    public void The_way_names_what_joins_each_contact_to_the_next_and_which_is_blamed()
    {
        var block = Part(PartKind.Lead, "block", "none,none", Link(1, 2));
        var circuit = WireStage.Review(Assembled([Supply, block], "supply/1-block/1", "supply/2-block/2")).Circuit;
        Assert.Equal(["supply/p/1 first", "block/p/1 Joint", "block/p/2 Inside blamed", "supply/p/2 Joint"],
            FaultWay.Of(circuit.Netlist, circuit.Conflicts.Single()).Select(step
                => $"{step.Contact.Id} {step.By?.Kind.ToString() ?? "first"}{(step.IsBlamed ? " blamed" : "")}"));
    }

    // Two parts with a lead between them, whose first and last wires changed places.
    private static Graft Crossed(int many)
    {
        var (signals, bare) = (Listed(number => $"x{number}"), Listed(_ => "none"));
        var lead = new Part("lead", "lead", PartKind.Lead)
        {
            Ports = [Port("near", bare), Port("far", bare)],
            Links = [.. Enumerable.Range(1, many).Select(number => Link($"near/{number}", $"far/{number}"))],
        };
        var straight = Enumerable.Range(1, many).Select(number => $"one/{number}-lead.near/{number}");
        var crossed = Enumerable.Range(1, many).Select(number => $"lead.far/{number}-two/{(number == 1 || number == many ? many + 1 - number : number)}");
        return Assembled([Part(PartKind.Board, "one", signals), lead, Part(PartKind.Other, "two", signals)], [.. straight, .. crossed]);

        string Listed(Func<int, string> signal) => string.Join(',', Enumerable.Range(1, many).Select(signal));
    }

    private static ImmutableArray<RemediesTried> Tried(Graft graft)
    {
        var review = WireStage.Review(graft);
        return [.. review.Circuit.Conflicts.Hard().Select(conflict => RemedySearch.Of(graft, review, conflict, CancellationToken.None))];
    }
}
