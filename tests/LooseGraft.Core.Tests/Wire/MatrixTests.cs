using System.Text;
using CsCheck;
using LooseGraft.Core.Files;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Matrix;

namespace LooseGraft.Core.Tests.Wire;

public sealed class MatrixTests
{
    private static readonly KeyMatrix Four = new KeyMatrix(2, 2).With(1, 1, "a").With(1, 2, "b").With(2, 1, "c").With(2, 2, "d");

    [Fact]
    public void Four_keys_in_a_square_ghost_each_other_unless_they_have_diodes()
    {
        var scan = MatrixScan.Of(Four);
        Assert.Equal((1, "d"), (scan.GhostCount, scan.Ghosts[0].Appears));
        Assert.Equal(0, MatrixScan.Of(Four with { HasDiodes = true }).GhostCount);
        Assert.Equal(0, MatrixScan.Of(Four.With(2, 2, "")).GhostCount);
    }

    [Theory]
    [InlineData(1, 3, "")]
    [InlineData(3, 1, "")]
    [InlineData(2, 2, "x")]
    public void Keys_outside_of_the_matrix_are_left_alone(int row, int column, string named)
    {
        var graft = Graft.Empty("test") with { Parts = [new Part("keys", "keys", PartKind.Panel) { Matrix = new KeyMatrix(2, 2) }] };
        var matrix = new NameKeys("keys", [(row, column, "x")]).Apply(graft).Parts[0].Matrix!;
        Assert.Equal(named, string.Concat(matrix.Keys.Select(key => key.Name)));
    }

    [Theory]
    [InlineData(2, 2, 0)]
    [InlineData(1, 2, 2)]
    [InlineData(2, 1, 2)]
    [InlineData(1, 1, 3)]
    public void A_shape_that_would_lose_keys_is_not_taken(int rows, int columns, int lost)
    {
        var graft = Graft.Empty("test") with { Parts = [new Part("keys", "keys", PartKind.Panel) { Matrix = Four }] };
        var edit = new ShapeMatrix("keys", rows, columns, HasDiodes: true);
        Assert.Equal(lost, edit.Lost(graft));
        Assert.Equal(lost == 0, edit.Apply(graft).Parts[0].Matrix!.HasDiodes);
    }

    [Fact]
    public void A_matrix_without_keys_wants_no_lines() => Assert.Equal(0, MatrixScan.Of(new KeyMatrix(2, 3)).FewestLines);

    [Fact]
    public void Rows_are_read_in_scan_order_with_their_gaps() => Assert.Equal(["c", null], MatrixScan.Of(Four.With(2, 2, "")).Steps[1].Keys);

    [Fact]
    public void The_fewest_lines_are_those_that_trying_every_shape_finds()
        => Gen.Int[1, 400].Hold(keys =>
        {
            var matrix = new KeyMatrix(20, 20)
            {
                Keys = [.. Enumerable.Range(0, keys).Select(index => new MatrixKey((index / 20) + 1, (index % 20) + 1, "k"))],
                HasDiodes = true,
            };
            Assert.Equal(Enumerable.Range(1, keys).Min(rows => rows + ((keys + rows - 1) / rows)), MatrixScan.Of(matrix).FewestLines);
        });

    [Fact]
    public void A_key_beyond_the_matrix_is_refused_where_it_stands()
    {
        var text = Text(Graft.Empty("keys") with { Parts = [new Part("kb", "keyboard", Facts.PartKind.Panel) { Matrix = Four }] });
        Assert.Equal(4, Read(text).Graft!.Parts[0].Matrix!.Keys.Length);
        var beyond = Read(text.Replace("\"rows\": 2", "\"rows\": 1", StringComparison.Ordinal));
        Assert.Contains(beyond.Errors,
            error => error.Path.EndsWith(".matrix.keys[2]", StringComparison.Ordinal) && error.Allowed.Contains("1 rows", StringComparison.Ordinal));
    }

    [Fact]
    public void A_tie_between_the_two_ends_is_refused()
    {
        var graft = Bench.Joined(Bench.Header("ground,ground"), Bench.Plug("ground,ground"), JointMethod.Splice, (1, 1))
            .WithJoint("joint", joint => joint with { Ties = [new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, 2))] });
        var text = Text(graft);
        Assert.Single(Read(text).Graft!.Joints[0].Ties);
        Assert.Contains(Read(text.Replace("\"from-2\"", "\"to-2\"", StringComparison.Ordinal)).Errors,
            error => error.Allowed.Contains("a wire joins the two ends", StringComparison.Ordinal));
        Assert.Contains(Read(text.Replace("\"from-2\"", "\"from-9\"", StringComparison.Ordinal)).Errors, error => error.Path == "$.joints[0].ties[0].other");
    }

    private static string Text(Graft graft) => Encoding.UTF8.GetString(GraftFile.Write(graft));

    private static GraftFileResult Read(string text) => GraftFile.Read(Encoding.UTF8.GetBytes(text));
}
