using CsCheck;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Matrix;

namespace LooseGraft.Core.Tests.Wire;

public sealed class BeepTests
{
    [Theory]
    [InlineData("Q: 3 7", "Q", 3, 7)]
    [InlineData("F1 3 7", "F1", 3, 7)]
    [InlineData("Page up = 12-4", "Page up", 12, 4)]
    [InlineData(";, 3, 7", ";", 3, 7)]
    [InlineData("7: 1 2", "7", 1, 2)]
    [InlineData("Q 1 1024", "Q", 1, 1024)]
    public void A_line_is_a_key_and_its_two_contacts(string line, string key, int one, int other)
        => Assert.Equal([new KeyBeep(key, one, other)], BeepList.Read(line).Beeps);

    [Theory]
    [InlineData("Q")]
    [InlineData("Q 3")]
    [InlineData("Q 3 3")]
    [InlineData("Q 0 3")]
    [InlineData("Q 1 1025")]
    [InlineData("Q 1 99999")]
    [InlineData("Q NaN 1e309")]
    [InlineData("Q -1 2.5")]
    public void What_is_no_such_line_is_told_with_its_number(string line)
    {
        var list = BeepList.Read($"A 1 2\n\n{line}");
        Assert.Single(list.Beeps);
        Assert.StartsWith($"Line 3, “{line}”", Assert.Single(list.Problems));
    }

    [Fact]
    public void Four_keys_are_two_rows_and_two_columns()
    {
        var found = Find("Q 1 5\nW 1 6\nA 2 5\nS 6 2");
        Assert.Equal("1 2, 5 6", Lines(found));
        Assert.Equal(["Q", "W", "A", "S"], found.Matrix!.Keys.Select(key => key.Name));
    }

    [Fact]
    public void The_fewer_are_rows_and_a_piece_that_hangs_with_nothing_comes_after()
    {
        Assert.Equal("9 4, 1 2 3 8", Lines(Find("a 1 9\nb 2 9\nc 3 9\nd 8 4")));
    }

    [Theory]
    [InlineData("", "No key yet.")]
    [InlineData("Q 1 2\nW 2 1", "Q and W beep between the same two contacts, 1 and 2")]
    [InlineData("Q 1 2\nQ 1 3", "Q stands there 2 times")]
    [InlineData("x 8 9\nQ 1 2\nW 2 3\nE 3 1", "ring of 3")]
    [InlineData("Q 1 2\nW 2 3\nE 3 4\nR 4 5\nT 5 1", "ring of 5")]
    public void What_no_rows_and_columns_do_is_told_with_the_keys_to_try_again(string text, string problem)
    {
        var found = Find(text);
        Assert.Null(found.Matrix);
        Assert.Contains(problem, found.Problem);
        Assert.DoesNotContain("x,", found.Problem);
    }

    [Theory]
    [InlineData(32, true)]
    [InlineData(33, false)]
    public void More_lines_than_a_matrix_may_have_are_told(int columns, bool isFound)
        => Assert.Equal(isFound, Find(string.Join('\n', Enumerable.Range(2, columns).Select(contact => $"k{contact} 1 {contact}"))).Matrix is not null);

    [Fact]
    public void Contacts_of_the_ribbon_are_measured_rows_and_columns()
    {
        var ribbon = Bench.Plug("unknown,unknown,unknown,unknown");
        var graft = Graft.Empty("keys") with { Parts = [Bench.Shell(ribbon)] };
        var filled = new FillMatrix("shell", ribbon.Id, "Q 1 3\nW 1 4\nA 2 3").Apply(graft);
        Assert.Equal(["matrix-row-1", "matrix-row-2", "matrix-column-1", "matrix-column-2"], filled.Parts[0].Ports[0].Pins.Select(pin => pin.Signal.Value.Name));
        Assert.All(filled.Parts[0].Ports[0].Pins, pin => Assert.Equal(Evidence.Measured, pin.Signal.Evidence));
        Assert.Equal(graft, new FillMatrix("shell", ribbon.Id, "Q 1 3\nW 3 4\nA 4 1").Apply(graft));
    }

    // Every crossing is tried: a matrix is found just when some colouring puts the two contacts of each key on different sides.
    [Fact]
    public void A_matrix_is_found_just_when_one_exists()
        => Gen.Select(Gen.Int[1, 7], Gen.Int[1, 7]).Where(pair => pair.Item1 != pair.Item2).Array[1, 9].Hold(pairs =>
        {
            var beeps = pairs.DistinctBy(pair => (Math.Min(pair.Item1, pair.Item2), Math.Max(pair.Item1, pair.Item2)))
                .Select((pair, index) => new KeyBeep($"k{index}", pair.Item1, pair.Item2)).ToArray();
            var found = FoundMatrix.Of(beeps);
            var exists = Enumerable.Range(0, 1 << 8).Any(sides => beeps.All(beep => ((sides >> beep.One) & 1) != ((sides >> beep.Other) & 1)));
            Assert.Equal(exists, found.Matrix is not null);
            if (found.Matrix is not { } matrix) return;
            Assert.Equal(beeps.Length, matrix.Keys.Length);
            foreach (var beep in beeps)
            {
                var key = matrix.Keys.Single(each => each.Name == beep.Key);
                Assert.Equal(new[] { beep.One, beep.Other }.Order(), new[] { found.Rows[key.Row - 1], found.Columns[key.Column - 1] }.Order());
            }
        }, iter: 300);

    private static string Lines(FoundMatrix found) => $"{string.Join(' ', found.Rows)}, {string.Join(' ', found.Columns)}";

    private static FoundMatrix Find(string text) => FoundMatrix.Of(BeepList.Read(text).Beeps);
}
