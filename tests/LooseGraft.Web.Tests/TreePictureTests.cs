using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Web.Drawing;

namespace LooseGraft.Web.Tests;

/// <summary>The feed tree over the width of a page.</summary>
public sealed class TreePictureTests
{
    [Theory]
    [InlineData(1)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(7)]
    public void It_takes_the_width_of_the_page_and_no_more_while_its_steps_find_room(int steps)
    {
        var picture = new TreePicture(Chain(steps), LoadCase.Peak);
        Assert.InRange(picture.Width, 1190, 1227);
        var places = picture.Places;
        Assert.All(places.Zip(places.Skip(1)), pair
            => Assert.InRange(picture.Left(pair.Second) - picture.Left(pair.First) - picture.BoxWidth, 20, double.MaxValue));
        Assert.InRange(picture.Left(places[^1]) + picture.BoxWidth, 0, picture.Width);
    }

    [Fact]
    public void With_more_steps_it_is_wider_than_the_page_and_its_boxes_stay_apart()
    {
        var picture = new TreePicture(Chain(11), LoadCase.Peak);
        Assert.True(picture.Width > 1227);
        Assert.InRange(picture.Left(picture.Places[1]) - picture.Left(picture.Places[0]) - picture.BoxWidth, 20, 30);
    }

    [Theory]
    [InlineData("main plug", 7, "main plug")]
    [InlineData("Quarrow low-profile card", 7, "Quarrow|low-profile card")]
    [InlineData("Quarrow low-profile card of the second kind", 7, "Quarrow|low-profile card…")]
    [InlineData("Quarrowlowprofilecard", 7, "Quarrowlowprofil…")]
    [InlineData("Quarrow low-profile card", 3, "Quarrow low-profile card")]
    public void A_name_stands_whole_where_two_lines_of_its_box_hold_it(string name, int steps, string shown)
        => Assert.Equal(shown, string.Join('|', new TreePicture(Chain(steps), LoadCase.Peak).NameLines(name)));

    [Fact]
    public void Boxes_are_as_tall_as_the_longest_name_asks_and_stay_apart()
    {
        var (low, tall) = (new TreePicture(Chain(2), LoadCase.Peak), new TreePicture(Chain(2) with { Name = new string('x', 40) + " y" }, LoadCase.Peak));
        Assert.Equal((36, 36), (low.BoxHeight, tall.BoxHeight));
        tall = new TreePicture(Chain(2) with { Name = $"{new string('x', 20)} {new string('y', 20)}" }, LoadCase.Peak);
        Assert.Equal(50, tall.BoxHeight);
        Assert.True(tall.Height > low.Height);
    }

    private static TreeNode Chain(int steps) => new(
        TreeNodeKind.Part, $"{steps}", Spread<Watts>.Exactly(new Watts(10)), Subject.Whole, null, steps == 0 ? [] : [Chain(steps - 1)]);
}
