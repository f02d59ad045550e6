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
    [InlineData("Quarrow low-profile card of the second kind", 7, "Quarrow low-prof…")]
    [InlineData("Quarrow low-profile card", 3, "Quarrow low-profile card")]
    public void A_name_stands_whole_where_its_box_holds_it(string name, int steps, string shown)
        => Assert.Equal(shown, new TreePicture(Chain(steps), LoadCase.Peak).Shortened(name));

    private static TreeNode Chain(int steps) => new(
        TreeNodeKind.Part, $"{steps}", Spread<Watts>.Exactly(new Watts(10)), Subject.Whole, null, steps == 0 ? [] : [Chain(steps - 1)]);
}
