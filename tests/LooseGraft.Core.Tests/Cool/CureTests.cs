using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Cures;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What would make a hot thing cooler.</summary>
public sealed class CureTests
{
    private static CureList Cures(Graft graft, string part = "board")
    {
        var review = Core.Review.Of(graft);
        var spot = review.Cool.At(HeatCase.Peak).Spots.First(each => each.Spot.Part == part);
        return review.CuresFor(part, spot.Spot.Kind, new ReviewWork())!;
    }

    // What is offered to be tried, whatever comes of it.
    private static IEnumerable<string> Words(Graft graft, CureSort sort)
    {
        var scene = CoolRest.Scene(graft);
        int[] ways = [.. Enumerable.Range(0, scene.Ways.Length)];
        var (part, air) = (PartCures.Of(graft, scene, scene.Spots[0]), AirCures.Of(graft, scene, ways, scene.Spots[0]));
        return part.Concat(air).Concat(FanCures.Of(graft, scene, ways, scene.Spots[0])).Where(cure => cure.Sort == sort).Select(cure => cure.Words);
    }

    private static Graft Demo(string name) => Core.Files.GraftFile.Read(File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), name + ".json"))).Graft!;

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
    public void Covers_and_filters_are_taken_off_and_what_is_part_of_the_wall_is_cut_out()
    {
        var dirty = Way("slots", 40, cover: AirCover.Slots) with { Filter = AirFilter.Dirty };
        var covered = Heated(100, Way("cloth", 40, cover: AirCover.Cloth), dirty).Blown("slots");
        Assert.Equal(["Take the loudspeaker cloth off cloth"], Words(covered, CureSort.TakeCoverOff));
        Assert.Equal(["Cut out what is in slots to one clear opening, and put a guard of wire before the fan"], Words(covered, CureSort.CutOut));
        Assert.Equal(["Clean the filter in slots"], Words(covered, CureSort.CleanFilter));
        Assert.Equal(["Take the filter out of slots"], Words(covered, CureSort.TakeFilterOut));
        Assert.Empty(Words(Heated(100, Way("open", 40), Way("out", 40)).Blown("out"), CureSort.TakeCoverOff));
    }

    [Fact]
    public void A_fan_that_fights_is_turned_round_and_one_that_is_slow_runs_in_full()
    {
        var fight = Heated(100, Way("one", 80), Way("other", 80)).Blown("one").Blown("other", id: "second");
        Assert.Equal(["Turn fan round, to blow in", "Turn second round, to blow in"], Words(fight, CureSort.TurnFan).Order());
        var slow = Heated(100, Way("in", 80), Way("out", 80)).Blown("out", volts: 5);
        Assert.Equal(["Run fan in full, on 12 V"], Words(slow, CureSort.FullSpeed));
        Assert.Contains(Cures(fight).Cures, tried => tried.Cure.Sort == CureSort.TurnFan);
        Assert.DoesNotContain(Cures(slow).Cures, tried => tried.Cure.Sort == CureSort.TurnFan);
        Assert.Empty(Words(Heated(100, Way("in", 80), Way("out", 80)).Blown("out"), CureSort.FullSpeed));
    }

    [Fact]
    public void A_fan_of_a_supply_is_nobodys_to_turn()
    {
        var supply = Heated(100, Way("one", 80), Way("other", 80)).Blown("one").And("psu", PartKind.Supply).Cooled(cooling => cooling with
        {
            Fans = cooling.Fans.Add(new FanPlace("psu") { Way = "other", Size = new(120), Blows = AirDirection.Out }),
        });
        Assert.DoesNotContain(Cures(supply).Cures.Select(tried => tried.Cure.Words), words => words.Contains("psu", StringComparison.Ordinal));
    }

    [Fact]
    public void A_larger_fan_is_bought_in_the_place_of_the_old_one_which_is_set_aside()
    {
        var small = Heated(100, Way("in", 80), Way("out", 120)).And("fan", PartKind.Fan).Cooled(cooling => cooling with
        {
            Fans = [new FanPlace("fan") { Way = "out", Blows = AirDirection.Out, Size = new(80) }],
        });
        var larger = Cures(small).Cures.First(tried => tried.Cure.Sort == CureSort.LargerFan);
        var taken = larger.Cure.Edit.Apply(small);
        Assert.Equal((PartOrigin.ToBuy, "fan"), (taken.Parts[^1].Origin, taken.Parts[^1].InPlaceOf));
        Assert.Equal([taken.Parts[^1].Id], taken.InUse().Cooling.Fans.Select(fan => fan.Part));
        // None is larger than the wall, nor than the largest that is usual.
        Assert.Empty(Words(Heated(100, Way("in", 80), Way("out", 200)).Blown("out").Cooled(cooling => cooling with
        {
            Spaces = [cooling.Spaces[0] with { Size = new SpaceSize(new(400), new(130), new(139)) }],
        }), CureSort.LargerFan));
    }

    [Theory]
    // Half of the area of a fan of 80 mm is 25.13 cm².
    [InlineData(25.2, true)]
    [InlineData(25.1, false)]
    public void One_more_fan_is_offered_where_the_opening_does_not_strangle_it(double area, bool isOffered)
        => Assert.Equal(isOffered, Words(Heated(100, Way("in", 24), Way("free", area)).Blown("in", AirDirection.In), CureSort.AnotherFan).Any());

    [Fact]
    public void A_passive_cooler_is_blown_at_and_one_with_a_fan_gets_a_duct()
    {
        var passive = Heated(40, Way("in", 40), Way("out", 40, 200)).Under("tower-passive");
        Assert.Equal(["A fan of 80 mm that blows at board"], Words(passive, CureSort.StirringFan));
        Assert.Empty(Words(passive, CureSort.Duct));
        var active = Heated(100, Way("in", 40), Way("out", 40)).Blown("out");
        Assert.Equal(["A duct or shroud from an opening to the cooler of board"], Words(active, CureSort.Duct));
        Assert.Empty(Words(active, CureSort.StirringFan));
    }

    [Theory]
    // 125 mm of tower over 18 mm of standoff, board and chip.
    [InlineData(143.5, true)]
    [InlineData(142.5, false)]
    public void Another_cooler_is_offered_where_it_is_low_enough(double height, bool isOffered)
        => Assert.Equal(isOffered, Words(Heated(100, Way("in", 40), Way("out", 40)).Blown("out").Cooled(cooling => cooling with
        {
            Spaces = [cooling.Spaces[0] with { Size = new SpaceSize(new(400), new(300), new(height)) }],
        }), CureSort.Cooler).Contains("A tower with a fan on board"));

    [Fact]
    public void A_chip_without_a_socket_gets_no_cooler_that_needs_one()
    {
        var bare = Heated(5, Way("in", 40), Way("out", 40)).Blown("out").Under("bare-chip");
        Assert.Equal(["A small heat sink of a single-board computer on board"], Words(bare, CureSort.Cooler));
    }

    [Fact]
    public void A_shell_is_drawn_away_from_what_it_stands_at_and_put_on_feet_where_it_breathes_through_its_base()
    {
        var cupboard = Heated(60, Way("in", 10)).Cooled(cooling => cooling with { Stand = ShellStand.InCupboard });
        Assert.Equal(["Take the shell out of the cupboard"], Words(cupboard, CureSort.DrawAway));
        Assert.Empty(Words(Heated(60, Way("in", 10)), CureSort.DrawAway));
        Assert.Equal(["Feet or spacers of 20 mm under the shell"], Words(OnFeet(19), CureSort.Feet));
        Assert.Empty(Words(OnFeet(20), CureSort.Feet));

        static Graft OnFeet(double feet)
            => Planed(Hole("low", PlaneWall.Floor, 60), Hole("high", PlaneWall.Rear, 60)).Cooled(cooling => cooling with { Feet = new(feet) });
    }

    [Fact]
    public void Plates_are_left_off_what_is_shut_is_opened_and_a_supply_is_taken_outside()
    {
        var graft = Planed(Hole("ports", PlaneWall.Rear, 80) with { Kind = OpeningKind.Ports }, Hole("vent", PlaneWall.Left, 60)).Cooled(cooling => cooling with
        {
            Vents = [new Vent("tray", "vent", AirCover.Open) { IsShut = true }],
        });
        Assert.Equal(["Leave the plate or cover of ports off"], Words(graft, CureSort.LeavePlateOff));
        Assert.Equal(["Open vent"], Words(graft, CureSort.OpenShut));
        Assert.Equal(["Take Ovrell KT-31 supply out of the shell, or turn it so that it breathes with the room alone"],
            Cures(Demo("ferry-radiogram"), "kt31").Cures.Where(tried => tried.Cure.Sort == CureSort.TakeOutside).Select(tried => tried.Cure.Words));
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

    private static Graft Planed(params Opening[] openings) => Heated(80) with
    {
        Seating = new Seating
        {
            Planes = [new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 300, 200).Corners]) { Lid = new(100), Openings = [.. openings] }],
        },
        Cooling = new Cooling { Room = Spread<Celsius>.Exactly(new(20)), Coolers = [new CoolerPlace("board") { Class = CoolerClass.Find("box-cooler") }] },
    };

    private static Opening Hole(string id, PlaneWall wall, double side) => new(id, id, OpeningKind.Air, wall, new PlanRectangle(50, 10, side, side));
}
