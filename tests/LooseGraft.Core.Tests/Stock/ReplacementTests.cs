using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Tests.Stock;

/// <summary>A part in the place of another sets it aside: it stays in stock and in what was paid, and in nothing else.</summary>
public class ReplacementTests
{
    [Fact]
    public void What_is_set_aside_is_judged_and_added_up_as_if_it_were_not_there_and_was_paid_for_all_the_same()
    {
        var tried = 0;
        foreach (var (graft, _) in EditSamples.Demos.Take(4))
        {
            foreach (var aside in graft.Parts.Where(part => part.Kind is PartKind.Drive or PartKind.Fan or PartKind.Supply or PartKind.Brick))
            {
                var whole = Replaced(graft, aside);
                var (review, without) = (Review.Of(whole), Review.Of(whole.InUse()));
                Assert.Equal(whole.WithoutPart(aside.Id) with { Seating = review.Graft.Seating }, review.Graft);
                Assert.DoesNotContain(review.Graft.Seating.Boxes, box => box.Part == aside.Id);
                Assert.Equal(without.At(Stage.Feed).Concat(without.At(Stage.Wire)).Select(finding => finding.Message),
                    review.At(Stage.Feed).Concat(review.At(Stage.Wire)).Select(finding => finding.Message));
                Assert.Equal(Review.Of(graft).Buy.Spent, review.Buy.Spent);
                tried++;
            }
        }

        Assert.InRange(tried, 5, 100);
    }

    [Fact]
    public void What_was_replaced_is_back_when_nothing_stands_in_its_place_any_more()
    {
        var graft = new DescribePart("new", "new", PartKind.Card, null, null, null, null, "old").Apply(Cards());
        Assert.Equal(["other", "new"], graft.InUse().Parts.Select(part => part.Id));
        Assert.Equal("new", graft.InPlaceOf("old")!.Id);
        Assert.Equal(Cards(), new DescribePart("new", "new", PartKind.Card, null, null, null).Apply(graft));
        Assert.Equal(["old", "other"], graft.WithoutPart("new").InUse().Parts.Select(part => part.Id));
        Assert.Null(graft.WithoutPart("old").FindPart("new")!.InPlaceOf);
    }

    [Fact]
    public void What_is_set_aside_takes_up_no_room_and_is_not_lost_when_boxes_and_leads_are_listed_anew()
    {
        var ferry = EditSamples.Demos[3].Graft;
        var (box, run) = (ferry.Seating.Boxes.First(box => box.Part is not null), ferry.Seating.Runs.First(run => run.To.Port is not null));
        foreach (var part in new[] { box.Part!, run.To.Port!.Value.Part })
        {
            var whole = Replaced(ferry, ferry.FindPart(part)!);
            var used = whole.InUse().Seating;
            Assert.True(used.Boxes.Length + used.Runs.Length < ferry.Seating.Boxes.Length + ferry.Seating.Runs.Length);
            var listed = new SetRuns(used.Runs).Apply(new SetBoxes(used.Boxes).Apply(whole)).Seating;
            Assert.Equal(ferry.Seating.Boxes.Select(each => each.Id).Order(), listed.Boxes.Select(each => each.Id).Order());
            Assert.Equal(ferry.Seating.Runs.Select(each => each.Id).Order(), listed.Runs.Select(each => each.Id).Order());
        }

        Assert.Empty(new SetBoxes([]).Apply(ferry).Seating.Boxes);
    }

    [Fact]
    public void What_was_replaced_by_what_was_replaced_is_set_aside_too()
    {
        var graft = Standing(Standing(Cards(), "other", "old"), "new", "other");
        Assert.Equal(["new"], graft.InUse().Parts.Select(part => part.Id));
        Assert.Equal(["old"], graft.Replaceable("other").Select(part => part.Id));
        Assert.Empty(graft.Replaceable("old"));
    }

    [Fact]
    public void A_part_in_its_own_place_or_in_that_of_none_is_refused_where_it_is_written()
    {
        Assert.Equal(Standing(Cards(), "new", "old"), GraftFile.Read(GraftFile.Write(Standing(Cards(), "new", "old"))).Graft);
        string[] Errors(Graft graft) => [.. GraftFile.Read(GraftFile.Write(graft)).Errors.Select(error => error.Path)];
        Assert.Equal(["$.parts[2].inPlaceOf"], Errors(Standing(Cards(), "new", "gone")));
        Assert.Equal(["$.parts[2].inPlaceOf"], Errors(Standing(Cards(), "new", "new")));
        Assert.Equal(["$.parts[0].inPlaceOf", "$.parts[2].inPlaceOf"], Errors(Standing(Standing(Cards(), "new", "old"), "old", "new")));
        // One that only leads to a circle stands in no place of its own.
        Assert.Equal(["$.parts[0].inPlaceOf"], Errors(Standing(Standing(Cards(), "old", "old"), "new", "old")));
    }

    [Fact]
    public void Lines_say_in_whose_place_a_part_stands_in_either_order_and_ask_about_a_name_that_is_none()
    {
        const string Lines = "card = new; in the place of old\n\ncard = old\n";
        var read = StockLines.Read(Lines, Graft.Empty("again"));
        var graft = new DescribeInLines([.. read.Parts]).Apply(Graft.Empty("again"));
        Assert.Equal((Lines, "old"), (StockWriter.Write(graft), graft.FindPart("new")!.InPlaceOf));
        var mistake = Assert.Single(StockLines.Read("card = third; in the place of oId", graft).Mistakes);
        Assert.Equal((1, 31, 3, "new, old"), (mistake.Line, mistake.Column, mistake.Length, string.Join(", ", mistake.Instead)));
        Assert.Single(StockLines.Read("card = third; in the place of third", graft).Mistakes);
    }

    private static Graft Cards() => Graft.Empty("cards") with
    {
        Parts = [new Part("old", "old", PartKind.Card), new Part("other", "other", PartKind.Card), new Part("new", "new", PartKind.Card)],
    };

    private static Graft Standing(Graft graft, string part, string inPlaceOf) => graft.WithPart(part, each => each with { InPlaceOf = inPlaceOf });

    private static Graft Replaced(Graft graft, Part aside)
        => graft with { Parts = graft.Parts.Add(new Part("stand-in", "stand-in", aside.Kind) { InPlaceOf = aside.Id }) };
}
