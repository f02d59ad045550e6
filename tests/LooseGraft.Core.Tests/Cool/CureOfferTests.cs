using LooseGraft.Core.Cool.Cures;
using LooseGraft.Core.Cool.Edits;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CureOffers;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Which changes are tried, whatever comes of them.</summary>
public sealed class CureOfferTests
{
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
    public void A_free_share_that_was_measured_stays_with_its_cover_and_goes_with_it()
    {
        var cloth = Way("cloth", 40, cover: AirCover.Cloth) with { FreeShare = 0.2, Filter = AirFilter.Dirty };
        var typed = Heated(100, Way("in", 40), cloth);
        Assert.Equal([(AirCover.Open, null), (AirCover.Cloth, 0.2), (AirCover.Cloth, 0.2)],
            Tried(typed).Select(graft => (graft.Cooling.Ways[1].Cover, graft.Cooling.Ways[1].FreeShare)));
        var drawn = Planed(Hole("vent", PlaneWall.Left, 60)).Cooled(cooling => cooling with
        {
            Vents = [new Vent("tray", "vent", AirCover.Cloth) { FreeShare = 0.2, Filter = AirFilter.Dirty }],
        });
        Assert.Equal([(AirCover.Open, null), (AirCover.Cloth, 0.2), (AirCover.Cloth, 0.2)],
            Tried(drawn).Select(graft => (graft.Cooling.Vents[0].Cover, graft.Cooling.Vents[0].FreeShare)));

        static IEnumerable<Graft> Tried(Graft graft) => Offered(graft)
            .Where(cure => cure.Sort is CureSort.TakeCoverOff or CureSort.CleanFilter or CureSort.TakeFilterOut).Select(cure => cure.Edit.Apply(graft));
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
    public void A_fan_of_a_supply_is_nobodys_to_turn_and_its_grille_nobodys_to_cut()
    {
        var grille = Way("grille", 80, cover: AirCover.Punched);
        var shell = Heated(100, Way("one", 80), grille, grille with { Id = "other", Cover = AirCover.Mesh }).And("psu", PartKind.Supply);
        Assert.Equal((0, 1), (Words(Owning("grille"), CureSort.CutOut).Count(), Words(Owning("grille"), CureSort.TakeCoverOff).Count()));
        Assert.Equal((1, 0), (Words(Owning("other"), CureSort.CutOut).Count(), Words(Owning("other"), CureSort.TakeCoverOff).Count()));
        var supply = Heated(100, Way("one", 80), Way("other", 80)).Blown("one").And("psu", PartKind.Supply).Cooled(cooling => cooling with
        {
            Fans = cooling.Fans.Add(new FanPlace("psu") { Way = "other", Size = new(120), Blows = AirDirection.Out }),
        });
        Assert.DoesNotContain(Cures(supply).Cures.Select(tried => tried.Cure.Words), words => words.Contains("psu", StringComparison.Ordinal));

        Graft Owning(string way)
            => shell.Cooled(cooling => cooling with { Fans = [new FanPlace("psu") { Way = way, Size = new(120), Blows = AirDirection.Out }] });
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
        // Ports fill the rest of their hole; where a card was is nothing.
        Assert.Equal(0.4, Share(graft));
        Assert.Null(Share(Planed(Hole("slot", PlaneWall.Rear, 60) with { Kind = OpeningKind.Slot })));
        Assert.Equal(["Open vent"], Words(graft, CureSort.OpenShut));
        Assert.Equal(["Take Ovrell KT-31 supply out of the shell, or turn it so that it breathes with the room alone"],
            Cures(Demo("ferry-radiogram"), "kt31").Cures.Where(tried => tried.Cure.Sort == CureSort.TakeOutside).Select(tried => tried.Cure.Words));
        Assert.DoesNotContain(Offered(new TakeOutside("kt31-supply").Apply(Demo("ferry-radiogram"))), cure => cure.Sort == CureSort.TakeOutside);

        static double? Share(Graft graft)
            => Offered(graft).Single(cure => cure.Sort == CureSort.LeavePlateOff).Edit.Apply(graft).Cooling.Vents.Single(vent => !vent.IsShut).FreeShare;
    }

    [Fact]
    public void A_fan_that_its_board_slows_runs_in_full_or_as_it_does_and_a_moved_one_leaves_its_wall_behind()
    {
        var graft = Heated(100, Way("in", 80), Way("out", 120)).Blown("out").Cooled(cooling => cooling with
        {
            Fans = [cooling.Fans[0] with { Gap = new(10), IsBehind = true }],
        });
        var scene = CoolRest.Scene(graft);
        var slowed = scene with { Fans = [scene.Fans[0] with { Board = "board" }] };
        Assert.Empty(FanCures.Slower(graft, slowed));
        Assert.Single(FanCures.Slower(graft, scene));
        Assert.Contains(FanCures.Of(graft, slowed, [0, 1], scene.Spots[0]), cure => cure.Sort == CureSort.FullSpeed);
        var moved = Offered(graft).First(cure => cure.Sort == CureSort.MoveFan).Edit.Apply(graft).Cooling.Fans[0];
        Assert.Equal(("in", null, false), (moved.Way, moved.Gap, moved.IsBehind));
    }

    [Theory]
    [InlineData(92, true)]
    [InlineData(91.9, false)]
    public void A_larger_fan_stands_within_the_height_of_its_wall(double height, bool isOffered)
        => Assert.Equal(isOffered, Words(Heated(100, Way("in", 80), Way("out", 120) with { Wall = PlaneWall.Rear }).Blown("out").Cooled(cooling => cooling with
        {
            Spaces = [cooling.Spaces[0] with { Size = new SpaceSize(new(400), new(300), new(height)) }],
            Fans = [cooling.Fans[0] with { Size = new(80) }],
        }), CureSort.LargerFan).Contains("A fan of 92 mm in the place of fan"));
}
