using LooseGraft.Core.Files;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Prove.Edits;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Lines;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Stock;

/// <summary>A good machine of two: parts say which donor they came out of; each donor has its own old case, and its own proof of life.</summary>
public class DonorsTests
{
    [Fact]
    public void Each_donor_is_asked_what_its_own_case_did()
    {
        var graft = new AnswerDuty(CaseDuty.CoolerMount, true, "twin-lantern").Apply(OfTwo());
        Assert.Empty(graft.OldCase);
        var need = Assert.Single(StockStage.Review(graft).Findings, finding => finding.Rule.Code == "STOCK-001");
        Assert.Equal("/donors/twin-lantern/old-case/cooler-mount", need.Subject.Text);
        Assert.StartsWith("The old case of Twin lantern did it, and nothing does it now", need.Message, StringComparison.Ordinal);
        Assert.Equal(need.Subject, SubjectText.Read(need.Subject.Text));
        graft = new MeetDuty(CaseDuty.CoolerMount, "one", null, "twin-lantern").Apply(graft);
        Assert.DoesNotContain(StockStage.Review(graft).Findings, finding => finding.Rule.Code == "STOCK-001");
        Assert.Null(graft.WithoutPart("one").OtherDonors[0].OldCase[0].MetBy);
    }

    [Fact]
    public void What_the_board_of_one_shows_makes_nothing_worth_asking_of_the_other()
    {
        var graft = OfTwo().WithPart("other", part => part with { Ports = [Header("lid-sense,+5 V")] });
        Assert.Equal([false, true],
            StockStage.Review(graft).Questions.Select(questions => questions.Asked.Any(asked => asked.Fact.Duty == CaseDuty.LidSwitch)));
        Assert.Empty(StockStage.Review(graft.WithoutPart("other")).Questions[1].Asked);
        Assert.Equal(["/old-case", "/donors/twin-lantern/old-case"], StockStage.Review(graft).Findings.Select(finding => finding.Subject.Text));
    }

    [Fact]
    public void Each_board_is_proven_alive_by_itself()
    {
        var graft = Saw(OfTwo(), "twin-lantern", true);
        Assert.Equal([new(null, LifeVerdict.NotProven), new("twin-lantern", LifeVerdict.Alive)], ProofOfLife.Of(graft));
        graft = Saw(graft, null, false);
        Assert.Equal([new(null, LifeVerdict.NoSign), new("twin-lantern", LifeVerdict.Alive)], ProofOfLife.Of(graft));
        var dead = Assert.Single(ProveStage.Review(graft).Findings);
        Assert.Equal((new LifeSubject(), true), (dead.Subject, dead.Message.Contains("board of Lantern was last started", StringComparison.Ordinal)));
        Assert.Equal(LifeVerdict.NoSign, Assert.IsType<ProveFigures>(ProveStage.Review(graft).Figures).Life);
        Assert.Contains("Photograph every plug of Twin lantern before it is pulled, with position 1 in the picture.", BenchSheets.For(graft, "twin-lantern")!.First);
        Assert.Null(BenchSheets.For(graft, "third"));
    }

    [Fact]
    public void A_donor_that_gave_no_board_is_not_asked_to_live()
    {
        var graft = Saw(OfTwo().WithoutPart("one"), "twin-lantern", true);
        Assert.Equal([new("twin-lantern", LifeVerdict.Alive)], ProofOfLife.Of(graft));
        Assert.Equal([new(null, LifeVerdict.NotProven)], ProofOfLife.Of(graft.WithoutPart("other")));
    }

    [Theory]
    [InlineData("one", null)]
    [InlineData("other", "Twin lantern is")]
    [InlineData("switch", "Lantern and Twin lantern are")]
    [InlineData("memory lead", "Lantern and Twin lantern are")] // out of the one, and for which board nobody knows
    public void A_cut_waits_for_the_board_that_it_touches_and_one_that_touches_none_for_every_board(string part, string? unproven)
    {
        var graft = part is "one" or "other" ? Saw(OfTwo(), null, true) : OfTwo();
        graft = graft with
        {
            Parts = [.. graft.Parts.Add(new Part("switch", "switch", PartKind.Switch)).Add(new Part("lead", "lead", PartKind.Lead))
                .Add(new Part("memory lead", "memory lead", PartKind.Lead).From(PartOrigin.Donor, "twin-lantern"))
                .Select(each => each with { Ports = [Header("+5 V")] })],
        };
        var header = graft.Parts[0].Ports[0].Id;
        graft = graft with { Joints = [new Joint("cut", new PortId(part, header), new PortId("lead", header), JointMethod.Splice)] };
        var findings = ProveStage.Review(graft).Findings.Where(finding => finding.Rule.Code == "PROVE-003").ToArray();
        if (unproven is null) Assert.Empty(findings);
        else Assert.Contains($"but {unproven} not proven alive yet.", Assert.Single(findings).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_second_board_of_a_known_donor_is_of_one_more_donor()
    {
        var known = new KnownDonor("Kiosk", "B", Board(Header("+5 V"))) { Kind = "kiosk", OldCase = [new CaseAnswer(CaseDuty.Speaker, true)] };
        var first = new BringDonor(known, known.Board, true).Apply(Graft.Empty("one good one"));
        Assert.Equal(("Kiosk", 1, null), (first.Donor.Name, first.OldCase.Length, first.Parts[0].Donor));
        var both = new BringDonor(known, known.Board, false).Apply(first);
        Assert.Equal(("Kiosk and Kiosk (2)", 1, 1), (both.NameOfDonors(), both.OldCase.Length, both.OtherDonors[0].OldCase.Length));
        Assert.Equal([null, "kiosk"], both.Parts.Select(part => part.Donor));
        Assert.Equal(["board", "board (2)"], both.Parts.Select(part => part.Name));
        Assert.Equal([Evidence.Label, Evidence.Assumed], both.Parts.Select(part => part.BoardRevision!.Evidence));
    }

    [Fact]
    public void A_donor_taken_out_leaves_its_parts_and_takes_what_its_board_showed_along()
    {
        var graft = new RemoveDonor("twin-lantern").Apply(Saw(Saw(OfTwo(), null, true), "twin-lantern", false));
        Assert.Equal(("Lantern", 1, 2), (graft.NameOfDonors(), graft.Observations.Length, graft.Parts.Length));
        Assert.Equal([(PartOrigin.Donor, null), (null, null)], graft.Parts.Select(part => (part.Origin, part.Donor)));
    }

    [Fact]
    public void A_donor_is_corrected_where_it_stands_and_one_that_is_gone_takes_nothing()
    {
        var graft = new DescribeDonor("twin-lantern", "Third lantern", "kiosk", "wet").Apply(OfTwo());
        Assert.Equal(new Machine("Third lantern") { Kind = "kiosk", Note = "wet" }, graft.OtherDonors[0].Machine);
        graft = new DescribeDonor(null, "First lantern", null, null).Apply(graft);
        Assert.Equal("First lantern and Third lantern", graft.NameOfDonors());
        GraftEdit[] late =
        [
            new AddPart("memory", PartKind.Other, PartOrigin.Donor, null, "gone"), new AnswerDuty(CaseDuty.Speaker, true, "gone"),
            new AddUsualPart(PartTemplate.All[0], "usual", PartOrigin.Donor, null, "gone"), new RemoveDonor("gone"),
            new DescribePart("one", "one", PartKind.Board, PartOrigin.Donor, null, null, "gone"), new DescribeDonor("gone", "x", null, null),
            new AddObservation(new Observation(default, WatchPoint.Picture, true) { Donor = "gone" }),
        ];
        Assert.All(late, edit => Assert.Equal(graft, edit.Apply(graft)));
        // What comes out of no donor comes out of no other either.
        Assert.Null(new DescribePart("other", "other", PartKind.Board, PartOrigin.Bought, null, null, "twin-lantern").Apply(graft).FindPart("other")!.Donor);
    }

    [Fact]
    public void Lines_say_which_donor_a_part_came_out_of_and_a_name_that_is_none_is_asked_about()
    {
        var graft = OfTwo();
        const string Lines = "donor = Twin lantern\n\nboard = one; donor\n\nboard = other; out of Twin lantern\n";
        Assert.Equal(Lines, StockWriter.Write(graft));
        var again = StockLines.Read(Lines, Graft.Empty("again"));
        Assert.Equal(Lines, StockWriter.Write(new DescribeInLines([.. again.Parts], [.. again.Donors]).Apply(Graft.Empty("again"))));
        var lines = StockLines.Read("other = memory; out of twin LANTERN; 4\nboard = other; donor", graft);
        var read = new DescribeInLines([.. lines.Parts]).Apply(graft);
        Assert.Equal(("twin-lantern", null), (read.Parts[2].Donor, read.FindPart("other")!.Donor));
        var mistake = Assert.Single(StockLines.Read("other = memory; out of Trin lantern", graft).Mistakes);
        Assert.Equal((1, 24, "Twin lantern"), (mistake.Line, mistake.Column, mistake.Instead[^1]));
        Assert.Equal([1, 2, 3], StockLines.Read("donor = \ndonor = one; bought\nfan: fan 4", graft).Mistakes.Select(wrong => wrong.Line));
    }

    [Fact]
    public void Donors_survive_the_file_and_one_that_is_not_there_is_refused_where_it_is_named()
    {
        var graft = Saw(new AnswerDuty(CaseDuty.Speaker, true, "twin-lantern").Apply(OfTwo()), "twin-lantern", true);
        Assert.Equal(graft, GraftFile.Read(GraftFile.Write(graft)).Graft);
        var broken = graft with
        {
            OtherDonors = [graft.OtherDonors[0] with { Id = "twin" }, graft.OtherDonors[0] with { Id = "twin" }],
            Parts = graft.Parts.Add(new Part("x", "x", PartKind.Other) { Donor = "twin", Origin = PartOrigin.Shell }),
        };
        Assert.Equal(["$.observations[0].donor", "$.otherDonors[1]", "$.parts[1].donor", "$.parts[2].origin"],
            GraftFile.Read(GraftFile.Write(broken)).Errors.Select(error => error.Path).Order(StringComparer.Ordinal));
    }

    private static Graft Saw(Graft graft, string? donor, bool seen)
        => new AddObservation(new Observation(default, WatchPoint.Picture, seen) { Donor = donor }).Apply(graft);

    private static Graft OfTwo()
    {
        var graft = new AddDonor("Twin lantern", null).Apply(Graft.Empty("one good one") with { Donor = new Machine("Lantern") });
        graft = new AddPart("one", PartKind.Board, PartOrigin.Donor, null).Apply(graft);
        return new AddPart("other", PartKind.Board, PartOrigin.Donor, null, "twin-lantern").Apply(graft);
    }
}
