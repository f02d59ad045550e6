using CsCheck;
using LooseGraft.Core.Cool.Cures;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Where a wall has room for one more opening.</summary>
public sealed class FreeWallTests
{
    private static MountPlane Plane(double width, double lid, params PlanRectangle[] taken)
        => new("tray", "tray", [.. new PlanRectangle(5, 7, width, 200).Corners])
        {
            Lid = new(lid),
            Openings = [.. taken.Select((area, at) => new Opening($"o{at}", "o", OpeningKind.Air, PlaneWall.Rear, area))],
        };

    private static PlanRectangle? Place(MountPlane plane, PlaneWall wall, double width, double height, params SeatBox[] boxes)
        => FreeWall.Place(Graft.Empty("test").Seating with { Boxes = [.. boxes] }, plane, wall, width, height);

    [Theory]
    // A cage 15 mm behind the rear wall leaves it air; nearer it does not, and the place lies beside it or under what stands higher.
    [InlineData(PlaneWall.Rear, 5, 22, 100, 0, 15)]
    [InlineData(PlaneWall.Rear, 5, 21.9, 100, 0, 115)]
    [InlineData(PlaneWall.Rear, 5, 7, 100, 95, 115)]
    [InlineData(PlaneWall.Rear, 5, 7, 100, 100, 15)]
    [InlineData(PlaneWall.Front, 5, 150, 100, 0, 115)]
    [InlineData(PlaneWall.Left, 19.9, 7, 10, 0, 57)]
    [InlineData(PlaneWall.Left, 20, 7, 10, 0, 17)]
    public void What_stands_close_behind_a_wall_keeps_its_place(PlaneWall wall, double x, double y, double width, double from, double expected)
    {
        var area = new PlanRectangle(x, y, width, wall == PlaneWall.Front ? 57 : 40);
        var cage = new SeatBox("cage", "cage", "tray", area) { From = new(from), Height = new(90) };
        Assert.Equal(expected, Place(Plane(300, 100), wall, 60, 40, cage)!.Value.X);
        Assert.Equal(wall == PlaneWall.Left ? 17 : 15, Place(Plane(300, 100), wall, 60, 40, cage with { On = "board" })!.Value.X);
    }

    [Fact]
    public void The_highest_place_ten_millimetres_from_every_edge()
    {
        Assert.Equal(new PlanRectangle(15, 50, 60, 40), Place(Plane(300, 100), PlaneWall.Rear, 60, 40));
        Assert.Equal(new PlanRectangle(17, 50, 60, 40), Place(Plane(300, 100), PlaneWall.Left, 60, 40));
        Assert.Null(Place(Plane(300, 100), PlaneWall.Floor, 60, 40));
        Assert.Null(Place(Plane(300, 100) with { Lid = null }, PlaneWall.Rear, 60, 40));
    }

    [Theory]
    [InlineData(80, 60, true)]
    [InlineData(79.9, 60, false)]
    [InlineData(80, 59.9, false)]
    public void A_wall_that_is_just_large_enough_has_room(double width, double lid, bool hasRoom)
        => Assert.Equal(hasRoom, Place(Plane(width, lid), PlaneWall.Rear, 60, 40) is not null);

    [Theory]
    [InlineData(85, 15)]
    [InlineData(84, 95)]
    public void Ten_millimetres_stay_between_it_and_what_is_there(double from, double expected)
        => Assert.Equal(expected, Place(Plane(300, 60, new PlanRectangle(from, 0, from == 85 ? 300 : 1, 60)), PlaneWall.Rear, 60, 40)!.Value.X);

    [Fact]
    public void It_lies_over_nothing_that_is_there_and_inside_its_wall()
    {
        var area = Gen.Select(Gen.Double[0, 250], Gen.Double[0, 60], Gen.Double[5, 90], Gen.Double[5, 40])
            .Select((x, y, width, height) => new PlanRectangle(x, y, width, height));
        Gen.Select(area.Array[0, 6], Gen.Double[10, 120], Gen.Double[10, 60]).Hold((taken, width, height) =>
        {
            if (Place(Plane(300, 100, taken), PlaneWall.Rear, width, height) is not { } place) return;
            Assert.True(place.X >= 15 && place.X + width <= 295 && place.Y >= 10 && place.Y + height <= 90);
            foreach (var other in taken)
            {
                Assert.True(place.X + width + 10 <= other.X || other.X + other.Width + 10 <= place.X
                    || place.Y + height + 10 <= other.Y || other.Y + other.Depth + 10 <= place.Y);
            }
        });
    }
}
