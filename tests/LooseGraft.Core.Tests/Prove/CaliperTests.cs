using CsCheck;
using LooseGraft.Core.Prove.Calipers;

namespace LooseGraft.Core.Tests.Prove;

public sealed class CaliperTests
{
    [Theory]
    [InlineData("tenth", 26, 4, 0, 26.4)]
    [InlineData("twentieth", 26, 9, 0, 26.45)]
    [InlineData("fiftieth", 12, 37, 2, 12.70)] // 12.74 shown, closed it shows 0.04
    [InlineData("tenth", 26, 4, -1, 26.5)]
    [InlineData("thousandth-inch", 42, 12, 0, 26.9748)] // 42 × 0.025 in + 0.012 in = 1.062 in
    [InlineData("fraction-inch", 43, 0, 0, 68.2625)] // 43/16 in
    public void Lines_become_a_length(string scale, int main, int coincident, int zero, double millimetres)
    {
        var reading = new CaliperReading(CaliperScale.Find(scale), main, coincident, zero);
        Assert.Null(reading.Problem);
        Assert.Equal(millimetres, reading.Length.Value, 9);
    }

    [Theory]
    [InlineData(-1, 0, 0, "main scale has lines from 0 to 1000")]
    [InlineData(1001, 0, 0, "main scale")]
    [InlineData(5, 10, 0, "lines from 0 to 9")]
    [InlineData(5, 0, 10, "zero error")]
    public void Lines_a_caliper_does_not_have_are_refused_in_words(int main, int coincident, int zero, string words)
        => Assert.Contains(words, new CaliperReading(CaliperScale.Find("tenth"), main, coincident, zero).Problem);

    [Fact]
    public void In_the_drawing_exactly_the_coincident_lines_meet()
        => Gen.Select(Gen.Int[0, 4], Gen.Int[0, 200], Gen.Int[0, 49]).Hold((which, main, line) =>
        {
            var scale = CaliperScale.All[which];
            var scene = CaliperScene.Of(new CaliperReading(scale, main, line % scale.Lines, 0));
            var sliding = Assert.Single(scene.Sliding, each => each.IsCoincident);
            var fixedLine = Assert.Single(scene.Main, each => each.IsCoincident);
            Assert.Equal(fixedLine.AtMm, sliding.AtMm, 9);
            // No other sliding line but the two ends of a full turn meets a main line.
            var meeting = scene.Sliding.Where(each => scene.Main.Any(other => Math.Abs(other.AtMm - each.AtMm) < scale.ResolutionMm / 10)).ToArray();
            Assert.True(meeting.Length == (line % scale.Lines == 0 ? 2 : 1));
            Assert.All(scene.Main.Concat(scene.Sliding), each => Assert.InRange(each.AtMm, -1e-9, scene.WidthMm + 1e-9));
        });
}
