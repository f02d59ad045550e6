using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Cures;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CureOffers;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What would make a hot thing cooler, as it is told.</summary>
public sealed class CureTests
{
    [Theory]
    [InlineData("ferry-radiogram")]
    [InlineData("slide-projector")]
    [InlineData("weighbridge")]
    [InlineData("lending-desk")]
    public void What_a_change_is_told_to_win_is_what_the_whole_review_says_once_it_is_taken(string demo)
    {
        var graft = Demo(demo);
        var before = Core.Review.Of(graft);
        var tightest = before.Cool.At(HeatCase.Peak).Spots.MaxBy(spot => spot.Temperature?.Likely.Value ?? 0)!;
        var list = before.CuresFor(tightest.Spot.Part, tightest.Spot.Kind, new ReviewWork())!;
        Assert.True(list.Cures.Length >= 5);
        foreach (var tried in list.Cures)
        {
            var after = Core.Review.Of(tried.Cure.Edit.Apply(graft)).Cool;
            var spot = after.At(HeatCase.Peak).Spots.FirstOrDefault(each => each.Spot.Part == tightest.Spot.Part && each.Spot.Kind == tightest.Spot.Kind);
            Assert.Equal(spot?.Temperature?.Likely.Value ?? after.At(HeatCase.Peak).State.Room, tightest.Temperature!.Value.Likely.Value - tried.Kelvins, 1);
            Assert.Equal(spot?.Worst ?? HeatBand.Comfortable, tried.Worst);
            var worse = from each in after.At(HeatCase.Peak).Spots
                        let was = before.Cool.At(HeatCase.Peak).Find(each.Spot.Part, each.Spot.Kind)?.Worst
                        where each.Spot != spot?.Spot && each.Worst > was
                        select each.Spot.Part;
            Assert.Equal(tried.Hotter is not null, worse.Any());
            Assert.True(tried.Kelvins >= CureTrials.LeastKelvins);
            Assert.True(Core.Files.GraftFile.Read(Core.Files.GraftFile.Write(tried.Cure.Edit.Apply(graft))).Graft is not null, tried.Cure.Words);
        }
    }

    [Fact]
    public void The_radiogram_is_brought_under_by_a_cut_and_by_a_cap_and_the_cap_has_to_be_proven()
    {
        var list = Cures(Demo("ferry-radiogram"), "kt31");
        Assert.True(list.Of.Likely > HeatBand.Comfortable);
        Assert.Contains(list.Cures, tried => tried is { IsUnder: true, Cure: { Sort: CureSort.CutToCooler, IsToProve: false, Fact.ForGood: not null } });
        Assert.Contains(list.Cures, tried => tried is { IsUnder: true, Cure: { Sort: CureSort.Cap, IsToProve: true } });
        Assert.False(list.OnlyToProve);
        var cut = list.Cures.First(tried => tried.Cure.Sort == CureSort.CutToCooler).Cure.Edit.Apply(Demo("ferry-radiogram"));
        Assert.Contains(cut.Seating.Planes.SelectMany(plane => plane.Openings), opening => opening is { IsToCut: true, Name: "air through the rear wall" });
    }

    [Fact]
    public void What_is_free_stands_first_and_then_what_wins_most_for_its_money()
    {
        var list = Cures(Demo("lending-desk"), "ld7").Cures;
        var free = list.TakeWhile(tried => tried.Cure.Fact.Price.Likely == 0).ToArray();
        Assert.True(free.Length >= 3 && free.Length < list.Length);
        Assert.DoesNotContain(list.Skip(free.Length), tried => tried.Cure.Fact.Price.Likely == 0);
        foreach (var (one, next) in free.Zip(free.Skip(1))) Assert.True(one.Kelvins >= next.Kelvins - 0.1);
        foreach (var (one, next) in list.Skip(free.Length).Zip(list.Skip(free.Length + 1))) Assert.True(one.KelvinsForEuro >= next.KelvinsForEuro - 0.01);
    }

    [Fact]
    public void A_cap_is_the_highest_half_watt_that_keeps_it_under_and_counts_once_it_is_proven()
    {
        var hot = Heated(150, Way("in", 40), Way("out", 40)).Blown("out").Idling(20);
        var list = Cures(hot);
        var cap = list.Cures.Single(tried => tried.Cure.Sort == CureSort.Cap);
        Assert.True(cap.IsUnder && cap.Cure.IsToProve);
        var watts = Core.Review.Of(cap.Cure.Edit.Apply(hot)).Graft.Loads[0].Cap!.Limit.Value;
        Assert.True(Bound(watts.Value) <= list.Of.Spot.Limit.Comfortable && Bound(watts.Value + 0.5) > list.Of.Spot.Limit.Comfortable);
        Assert.False(Cures(hot.Held(140, Evidence.Measured)).Cures.Single(tried => tried.Cure.Sort == CureSort.Cap).Cure.IsToProve);
        // What stays under needs none.
        Assert.DoesNotContain(Cures(Heated(20, Way("in", 40), Way("out", 40)).Blown("out")).Cures, tried => tried.Cure.Sort == CureSort.Cap);

        double Bound(double held) => Core.Review.Of(hot.Held(held)).Cool.At(HeatCase.Peak).Spots[0].Temperature!.Value.High.Value;
    }

    [Fact]
    public void Where_only_an_unproven_setting_helps_the_list_says_so()
    {
        var shut = Heated(250).Idling(20).Under("tower-fan").Cooled(cooling => cooling with { Coolers = [cooling.Coolers[0] with { TakesRoomAir = true }] });
        var list = Cures(shut);
        Assert.Equal([CureSort.Cap], list.Cures.Where(tried => tried.IsUnder).Select(tried => tried.Cure.Sort));
        Assert.True(list.OnlyToProve);
    }

    [Fact]
    public void Nobody_is_told_to_cut_more_than_keeps_it_under()
    {
        Assert.Equal([false, false, false], Cuts(300));
        // Where the second does, the third is not told.
        Assert.Contains(Enumerable.Range(40, 100).Select(twos => Cuts(2 * twos)), cuts => cuts.SequenceEqual([false, true]));
        Assert.Contains(Enumerable.Range(40, 100).Select(twos => Cuts(2 * twos)), cuts => cuts.SequenceEqual([true]));

        static IEnumerable<bool> Cuts(double watts) => Cures(Heated(watts, Way("in", 20)).Blown("in", AirDirection.In)).Cures
            .Where(tried => tried.Cure.Sort == CureSort.CutOpening).OrderBy(tried => tried.Kelvins).Select(tried => tried.IsUnder);
    }

    [Fact]
    public void A_cap_is_told_under_the_throttle_where_it_cannot_be_told_under_what_is_comfortable_and_never_below_what_idle_takes()
    {
        // Idle alone leaves it between the two limits.
        var hot = Enumerable.Range(10, 60).Select(fives => Hot(5 * fives))
            .First(graft => Cures(graft).Cures.FirstOrDefault(tried => tried.Cure.Sort == CureSort.Cap) is { Worst: HeatBand.Warm });
        var cap = Cures(hot).Cures.Single(tried => tried.Cure.Sort == CureSort.Cap);
        Assert.True(Core.Review.Of(cap.Cure.Edit.Apply(hot)).Graft.Loads[0].Cap!.Limit.Value.Value >= hot.Loads[0].Draws[0].Idle.High.Value * 12);
        // Nobody knows which of two loads a setting holds.
        var two = hot with { Loads = hot.Loads.Add(Taking("board", 5) with { Id = "second" }) };
        Assert.DoesNotContain(Cures(two).Cures, tried => tried.Cure.Sort == CureSort.Cap);

        static Graft Hot(double idle) => Heated(400, Way("in", 40), Way("out", 40)).Blown("out").Idling(idle);
    }

    [Fact]
    public void A_fan_that_could_be_quieter_is_told_where_nothing_gets_too_hot_by_it()
    {
        var cool = Heated(20, Way("in", 80), Way("out", 80)).Blown("out");
        var slower = Assert.Single(Cures(cool).Quieter);
        Assert.Equal(("Run fan on 7 V", CureSort.SlowFan), (slower.Cure.Words, slower.Cure.Sort));
        Assert.True(slower.Decibels <= -CureTrials.LeastDecibels);
        Assert.Empty(Cures(Heated(20, Way("in", 80), Way("out", 80)).Blown("out", volts: 7)).Quieter);
        // One that just stays under would not on 7 V.
        var warm = Enumerable.Range(10, 60).Select(fives => 5.0 * fives)
            .First(watts => Worst(watts, 12) == HeatBand.Comfortable && Worst(watts, 7) > HeatBand.Comfortable);
        Assert.Empty(Cures(Blowing(warm, 12)).Quieter);

        static Graft Blowing(double watts, double volts) => Heated(watts, Way("in", 80), Way("out", 80)).Blown("out", volts: volts);
        static HeatBand? Worst(double watts, double volts) => Core.Review.Of(Blowing(watts, volts)).Cool.At(HeatCase.Peak).Spots[0].Worst;
    }

    [Fact]
    public void Work_on_cures_is_given_up_when_nobody_waits()
    {
        using var unwanted = new CancellationTokenSource();
        unwanted.Cancel();
        var review = Core.Review.Of(Heated(100, Way("in", 40)));
        Assert.ThrowsAny<OperationCanceledException>(() => review.CuresFor("board", HotKind.Chip, new ReviewWork(unwanted.Token)));
        Assert.Null(review.CuresFor("board", HotKind.CardChip, new ReviewWork()));
    }
}
