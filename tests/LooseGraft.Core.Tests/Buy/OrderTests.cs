using LooseGraft.Core.Buy;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Files;
using static LooseGraft.Core.Tests.Buy.BuyBench;

namespace LooseGraft.Core.Tests.Buy;

/// <summary>What was ordered meets needs, costs what it cost on that day, and goes to parts and the bin when it comes.</summary>
public sealed class OrderTests
{
    private static readonly Graft Ten = Needing(("nut M3", 12)).With((Offer("nuts", 1, Of("nut M3", 10)), 2));

    [Fact]
    public void What_is_ordered_is_chosen_no_more_and_is_promised_with_postage_until_it_comes()
    {
        var ordered = Ten.Ordered();
        Assert.Empty(ordered.Buying.Basket);
        Assert.Equal(NeedState.OnItsWay, Line(ordered).State);
        Assert.Equal((new Money(0), new Money(5)), (Review(ordered).Money.Spent, Review(ordered).Money.Promised));
        // What the seller asks now, or whether it sells at all, does not change what was paid.
        Assert.Equal(new Money(5), Review(new RemoveSeller("shop").Apply(ordered)).Money.Promised);
        var came = ordered.Came(2);
        Assert.Equal(NeedState.Here, Line(came).State);
        Assert.Equal((new Money(5), new Money(0)), (Review(came).Money.Spent, Review(came).Money.Promised));
    }

    [Fact]
    public void What_is_left_over_goes_into_the_bin_once_all_of_a_line_is_here_and_is_counted_once()
    {
        var first = Ten.Ordered().Came(1);
        Assert.Equal((NeedState.OnItsWay, 10), (Line(first).State, Line(first).Ordered.Where(gift => gift.IsHere).Sum(gift => gift.Count)));
        Assert.Empty(first.Records[^1].Arrival!.Lines[0].ToBin);
        var second = first.Came(1);
        Assert.Equal(Of("nut M3", 8), Assert.Single(second.Records[^1].Arrival!.Lines[0].ToBin));
        var thing = Assert.Single(new TakeIn(second.Records[0].Order!, second.Records[^1].Arrival!).ToBin);
        Assert.Equal(("nuts", 8, new Money(0.10m)), (thing.Name, thing.Free, thing.PaidEach));
        // More is needed later: what went into the bin is taken from there, not out of the parcel again.
        var more = second.WithBuying(buying => buying with { OwnNeeds = [buying.OwnNeeds[0] with { Count = 15 }] });
        Assert.Equal(3, Line(more).Open);
    }

    [Fact]
    public void A_part_that_comes_is_bought_and_counted_once_and_is_here_even_when_that_is_undone()
    {
        var card = new Part("card", "Card", PartKind.Card) { Origin = PartOrigin.ToBuy, Cost = new Money(9) };
        var wanted = Graft.Empty("test") with { Budget = new Money(50), Parts = [card] };
        var ordered = wanted.With((Offer("card", 12, Of("for part card")), 1)).Ordered();
        Assert.Equal((new Money(15), new Money(0)), (Review(ordered).Money.Promised, Review(ordered).Money.Planned));
        var came = ordered.Came(1);
        Assert.Equal((PartOrigin.Bought, new Money(12)), (came.FindPart("card")!.Origin, came.FindPart("card")!.Cost));
        Assert.Equal(new Money(15), Review(came).Money.All);
        Assert.Empty(Review(came).Basket.Value.Lines);
        var undone = ordered with { Records = came.Records };
        Assert.Equal(NeedState.Here, Line(undone).State);
        Assert.Equal(new Money(15), Review(undone).Money.All);
    }

    [Fact]
    public void Of_the_price_of_a_kit_a_part_takes_what_the_usual_price_of_the_screws_in_it_leaves()
    {
        var card = new Part("card", "Card", PartKind.Card) { Origin = PartOrigin.ToBuy };
        var kit = Offer("kit", 13, Of("for part card"), Of("screw M3 6 mm", 10));
        var came = (Graft.Empty("test") with { Parts = [card] }).With((kit, 1)).Ordered().Came(1);
        Assert.Equal(new Money(12), came.FindPart("card")!.Cost);
        Assert.Equal(new Money(0.10m), Assert.Single(new TakeIn(came.Records[0].Order!, came.Records[^1].Arrival!).ToBin).PaidEach);
    }

    [Fact]
    public void A_wrong_adapter_opens_its_joint_again_until_another_is_chosen()
    {
        var ordered = ThroughAdapter().With((Offer("made", 15, Of("for joint joint")), 1)).Ordered();
        Assert.Equal(["joint"], ordered.Records[0].Order!.Lines[0].For.Single().Joints);
        var came = ordered.Came(0, wrong: 1);
        var finding = Review(came).Findings.Single(found => found.Rule.Code == "BUY-014");
        Assert.Equal(new CameWrong("order", "made", 1, 0, 1), finding.Case);
        Assert.Contains("open again", finding.Message);
        Assert.Equal(NeedState.Open, Line(came).State);
        var again = new ChooseOffer("made", 1).Apply(came);
        Assert.DoesNotContain(Review(again).Findings, found => found.Rule.Code == "BUY-014");
    }

    [Fact]
    public void What_never_comes_is_needed_again_and_what_was_given_back_is_not_spent()
    {
        var ordered = Ten.Ordered();
        var lost = ordered.Came(1, isLast: true);
        Assert.Equal(2, Line(lost).Open);
        Assert.Equal(new CameWrong("order", "nuts", 0, 1, 0), Review(lost).Findings.Single(found => found.Rule.Code == "BUY-014").Case);
        var paid = new Arrival("order", new DateOnly(2026, 12, 1), []) { Back = new Money(4) };
        var back = lost with { Records = [.. lost.Records, lost.Records[1] with { Id = "back", Arrival = paid }] };
        Assert.Equal(new Money(1), Review(back).Money.Spent);
    }

    [Fact]
    public void A_slip_did_not_happen_and_no_more_comes_than_was_ordered()
    {
        var came = Ten.Ordered().Came(2);
        var slip = new BenchRecord("slip", DateTimeOffset.UnixEpoch, RecordKind.Correction, "");
        Assert.Equal(NeedState.OnItsWay, Line(came with { Records = [.. came.Records, slip with { Corrects = came.Records[1].Id }] }).State);
        Assert.Equal(NeedState.Open, Line(came with { Records = [.. came.Records, slip with { Corrects = "order" }] }).State);
        var twice = OrderBook.Of([.. came.Records, came.Records[1]]).Orders.Single().Lines.Single();
        Assert.Equal((2, 0, 0), (twice.Right, twice.Wrong, twice.Awaited));
    }

    [Theory]
    [InlineData(5, null)]
    [InlineData(6, 1)]
    public void It_is_late_from_the_day_after_the_last_it_was_to_come(int daysAgo, int? late)
    {
        var order = Review(Ten.Ordered(daysAgo)).Orders.Orders.Single();
        Assert.Equal(late, order.LateOn(Around.Today!.Value));
        var finding = Review(Ten.Ordered(daysAgo)).Findings.SingleOrDefault(found => found.Rule.Code == "BUY-015");
        Assert.Equal(late, (finding?.Case as OrderOverdue)?.Days);
    }

    [Fact]
    public void What_is_on_its_way_is_held_against_the_wished_day_by_the_day_it_was_ordered()
    {
        var ordered = Ten.Ordered(daysAgo: 2).WithBuying(buying => buying with { WishedBy = new DateOnly(2026, 12, 4) });
        Assert.DoesNotContain(Review(ordered).Findings, found => found.Rule.Code == "BUY-011");
        ordered = ordered.WithBuying(buying => buying with { WishedBy = new DateOnly(2026, 12, 3) });
        Assert.Equal(new ParcelLate("shop", 1), Review(ordered).Findings.Single(found => found.Rule.Code == "BUY-011").Case);
    }

    [Theory]
    [InlineData(1, "2026-12-02", "2026-12-05")]
    [InlineData(5, "2026-11-28", "2026-12-01")]
    [InlineData(6, "2026-12-02", "2026-12-02")]
    public void What_is_late_moves_the_day_on_which_everything_is_here(int daysAgo, string from, string to)
    {
        var ordered = Ten.Ordered(daysAgo);
        Assert.Equal((DateOnly.Parse(from), DateOnly.Parse(to)), Review(ordered).Basket.Value.LastParcel(Around.Today!.Value));
        Assert.Null(Review(ordered.Came(2)).Basket.Value.LastParcel(Around.Today!.Value));
        // What is chosen besides and ordered today is here from two to five days later.
        var more = ordered.WithBuying(buying => buying with { Basket = [new BasketLine("nuts", 1)] });
        Assert.Equal((new(2026, 12, 3), new(2026, 12, 6)), Review(more).Basket.Value.LastParcel(Around.Today!.Value));
        Assert.Null(Review(more.Shop(shop => shop with { Days = null })).Basket.Value.LastParcel(Around.Today!.Value));
    }

    [Fact]
    public void Without_a_rate_nothing_can_be_ordered_for_nobody_could_say_what_it_costs()
        => Assert.Null(Ordering.Of(Review(Ten.Shop(shop => shop with { Currency = "USD" })).Basket.Value.Sacks.Single(), new DateOnly(2026, 12, 1), null));

    [Fact]
    public void Orders_and_arrivals_travel_in_the_file()
    {
        var came = Ten.Ordered().Came(1, wrong: 1);
        Assert.Equal(came, GraftFile.Read(GraftFile.Write(came)).Graft);
    }

    private static NeedLine Line(Graft graft) => Assert.Single(Review(graft).Basket.Value.Lines);
}
