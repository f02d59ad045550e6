using LooseGraft.Core.Wire.Drawing;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>Where the halves of a joint and its wires are drawn, in millimetres worked out by hand.</summary>
public sealed class DrawingTests
{
    // Three positions at 2.54 mm with 0.65 of a pitch around them: 1.3 by 3.3 pitches.
    [Fact]
    public void A_row_of_three_stands_upright_with_room_around_it()
    {
        var scene = ConnectorScene.Of(Header("ground,ground,ground"), ConnectorView.MatingFace);
        Equal((3.302, 8.382), scene.Body);
        Equal((1.651, 1.651), scene.Positions[0]);
        Equal((1.651, 6.731), scene.Positions[2]);
        Assert.Equal(0, scene.KeySide);
    }

    [Theory]
    [InlineData(ConnectorView.MatingFace, 4.191, 1.651)]
    [InlineData(ConnectorView.WireSide, 1.651, 4.191)]
    public void Of_two_rows_the_first_lies_right_on_the_face_and_left_behind_it(ConnectorView view, double first, double second)
    {
        var scene = ConnectorScene.Of(Header("ground,ground,ground,ground", rows: 2), view);
        Equal((5.842, 5.842), scene.Body);
        Assert.Equal([first, second], scene.Positions.Take(2).Select(at => Math.Round(at.X, 6)));
    }

    // Names want 4.7 units at either end, wires 5 between, a title 1.6 above and 0.4 are left below; the shorter half stands in the middle.
    [Fact]
    public void Two_halves_stand_side_by_side_with_room_for_names_wires_and_a_title()
    {
        var scene = Scene(Joined(Header("power-switch,ground,ground"), Plug("power-switch,ground")));
        Equal((11.938, 4.064), scene.FromAt);
        Equal((27.94, 5.334), scene.ToAt);
        Equal((43.18, 13.462), scene.Size);
        Assert.Equal(2.54, scene.Unit, 6);
        Equal((29.591, 6.985), scene.ToPosition(1));
        var turned = Scene(Joined(Header("power-switch,ground"), Plug("power-switch,ground,ground") with { OwnPitch = new(2.0) }));
        Assert.Equal(2, turned.Unit, 6);
        // 2.3 times 2.54 mm are 5.842 mm, 3.3 times 2 mm are 6.6.
        Equal((9.4, 3.579), turned.FromAt);
        Equal((22.702, 3.2), turned.ToAt);
    }

    // A sixth of a unit, up on the left and down on the right.
    [Fact]
    public void Wires_of_two_positions_side_by_side_run_a_little_apart()
    {
        var scene = Scene(Joined(Header("power-switch,ground", rows: 2), Plug("power-switch,ground", rows: 2)));
        var (first, second) = (scene.Lines[0], scene.Lines[1]);
        Assert.Equal(0.4318, first.Start.Y - scene.FromPosition(1).Y, 6);
        Assert.Equal(-0.4318, second.Start.Y - scene.FromPosition(2).Y, 6);
        Assert.Equal((scene.FromPosition(1).X, scene.ToPosition(1).X), (first.Start.X, first.End.X));
    }

    private static JointScene Scene(Graft graft)
    {
        var review = Assert.Single(Review.Of(graft).Wire.Joints);
        return JointScene.Of(review, review.Pushed, ConnectorView.MatingFace, ConnectorView.WireSide);
    }

    private static void Equal((double X, double Y) expected, PointMm actual) => Assert.Equal(expected, (Math.Round(actual.X, 6), Math.Round(actual.Y, 6)));
}
