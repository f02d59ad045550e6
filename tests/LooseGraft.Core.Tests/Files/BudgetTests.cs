using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Tests.Files;

/// <summary>What multiplies is bounded together, and what takes long tells how far it is and can be given up.</summary>
public sealed class BudgetTests
{
    [Fact]
    public void Pairs_of_positions_that_could_meet_are_bounded_over_all_joints()
    {
        var most = WithJoints(1000, 1000);
        Assert.Empty(GraftFile.Read(GraftFile.Write(most)).Errors);
        var error = Assert.Single(GraftFile.Read(GraftFile.Write(WithJoints(1000, 1000, 1))).Errors);
        Assert.Equal(
            ("$.joints", "2000001 pairs of positions that could meet", "at most 2000000 together"), (error.Path, error.Found, error.Allowed));
    }

    [Fact]
    public void Distances_are_bounded_over_all_surveys()
    {
        Assert.Empty(GraftFile.Read(GraftFile.Write(WithSurveys(200, 200, 200, 200))).Errors);
        var error = Assert.Single(GraftFile.Read(GraftFile.Write(WithSurveys(200, 200, 200, 200, 1))).Errors);
        Assert.Equal(("$.seating.surveys", "801 distances", "at most 800 together"), (error.Path, error.Found, error.Allowed));
    }

    [Fact]
    public void A_review_that_nobody_wants_any_more_ends_at_the_next_thing()
    {
        using var given = new CancellationTokenSource();
        var work = new ReviewWork(given.Token);
        var taken = new List<int>();
        Assert.ThrowsAny<OperationCanceledException>(() =>
        {
            foreach (var one in work.Each([1, 2, 3], "thing"))
            {
                taken.Add(one);
                if (one == 2) given.Cancel();
            }
        });
        Assert.Equal([1, 2], taken);
        Assert.ThrowsAny<OperationCanceledException>(() => Review.Of(WithJoints(2), work: work));
        Assert.ThrowsAny<OperationCanceledException>(() => Review.Of(WithJoints(2)).ProveListBy(work));
    }

    [Fact]
    public void A_review_tells_the_stage_it_is_at_and_what_those_before_have_found()
    {
        var work = new ReviewWork();
        Assert.Null(work.Step);
        Review.Of(WithJoints(2, 2), work: work);
        Assert.Equal((Stages.All[^1].Stage, ""), (work.Step!.Stage, work.Step.Words));
        Assert.NotEmpty(work.Done.Findings);
        Assert.Equal("joint 2 of 2", work.Each(["one", "other"], "joint").Select(_ => work.Step.Words).Last());
    }

    private static Graft WithJoints(params int[] positions)
    {
        Port Grid(int count, Gender gender)
            => new("grid", "grid", ConnectorTypes.Find("pin-header")!, gender)
            {
                OwnRows = count < 40 ? 1 : count / 40,
                OwnColumns = Math.Min(count, 40),
            };
        return Graft.Empty("joined") with
        {
            Parts =
            [
                .. positions.Index().SelectMany(one => new[]
                {
                    new Part($"b{one.Index}", "board", PartKind.Board) { Ports = [Grid(one.Item, Gender.Male)] },
                    new Part($"p{one.Index}", "panel", PartKind.Panel) { Ports = [Grid(one.Item, Gender.Female)] },
                }),
            ],
            Joints =
            [
                .. positions.Index().Select(
                    one => new Joint($"j{one.Index}", new($"b{one.Index}", "grid"), new($"p{one.Index}", "grid"), JointMethod.Straight)),
            ],
        };
    }

    private static Graft WithSurveys(params int[] spans) => Graft.Empty("measured") with
    {
        Parts = [.. spans.Index().Select(one => new Part($"p{one.Index}", "board", PartKind.Board))],
        Seating = Seating.Empty with
        {
            Surveys =
            [
                .. spans.Index().Select(
                    one => new Survey($"p{one.Index}", [.. Enumerable.Range(0, one.Item).Select(at => new SurveySpan($"h{at}", "left", "10.0"))])),
            ],
        },
    };
}
