using CsCheck;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>How positions are counted and which bodies go together.</summary>
public sealed class ShapeTests
{
    [Theory]
    [InlineData(Numbering.Zigzag, "1 3 5 / 2 4 6")]
    [InlineData(Numbering.AlongRows, "1 2 3 / 4 5 6")]
    [InlineData(Numbering.Around, "1 2 3 / 6 5 4")]
    public void Given_two_rows_of_three_positions_are_counted(Numbering numbering, string expected)
    {
        var grid = new PortGrid(Port("pin-header", rows: 2, columns: 3) with { OwnNumbering = numbering });
        var rows = Enumerable.Range(0, 2).Select(row => string.Join(' ', Enumerable.Range(0, 3).Select(column => grid.PositionAt(new Cell(row, column)))));
        Assert.Equal(expected, string.Join(" / ", rows));
    }

    [Theory]
    [InlineData(Numbering.Zigzag, "1 4 7 10 / 2 5 8 11 / 3 6 9 12")]
    [InlineData(Numbering.AlongRows, "1 2 3 4 / 5 6 7 8 / 9 10 11 12")]
    [InlineData(Numbering.Around, "1 2 3 4 / 8 7 6 5 / 9 10 11 12")]
    public void Given_three_rows_of_four_positions_are_counted(Numbering numbering, string expected)
    {
        var grid = new PortGrid(Port("pin-header", rows: 3, columns: 4) with { OwnNumbering = numbering });
        var rows = Enumerable.Range(0, 3).Select(row => string.Join(' ', Enumerable.Range(0, 4).Select(column => grid.PositionAt(new Cell(row, column)))));
        Assert.Equal(expected, string.Join(" / ", rows));
    }

    [Fact]
    public void Every_position_has_a_cell_of_its_own_and_every_cell_its_position()
        => Gen.Int[1, 8].Select(Gen.Int[1, 20], Gen.Enum<Numbering>()).Hold((rows, columns, numbering) =>
        {
            var grid = new PortGrid(Port("pin-header", rows, columns) with { OwnNumbering = numbering });
            for (var position = 1; position <= rows * columns; position++) Assert.Equal(position, grid.PositionAt(grid[position]));
            Assert.Null(grid.PositionAt(new Cell(-1, 0)));
            Assert.Null(grid.PositionAt(new Cell(0, columns)));
        });

    [Fact]
    public void Four_quarter_turns_bring_every_cell_back()
        => Gen.Int[1, 6].Hold(side =>
        {
            var grid = new PortGrid(Port("pin-header", side, side));
            for (var position = 1; position <= side * side; position++)
            {
                var cell = grid[position];
                for (var turn = 0; turn < 4; turn++) cell = new PlugPlacement(1, 0, 0).Move(cell, grid);
                Assert.Equal(grid[position], cell);
            }
        });

    [Fact]
    public void Position_one_comes_to_lie_where_it_is_asked_for_however_the_plug_is_turned()
        => Gen.Int[1, 4].Select(Gen.Int[1, 6], Gen.Int[0, 5], Gen.OneOf(0, 2)).Hold((rows, columns, target, turn) =>
        {
            var plug = new PortGrid(Port("crimp-plug", rows, columns));
            Assert.Equal(new Cell(0, target), PlugPlacement.PinOneOn(new Cell(0, target), turn, plug).Move(plug[1], plug));
        });

    [Theory]
    [InlineData(0, 0, 0, "straight on, unchanged")]
    [InlineData(2, 0, 0, "turned end for end")]
    [InlineData(1, 0, 0, "turned a quarter")]
    [InlineData(0, 0, 1, "one position to the right")]
    [InlineData(0, 0, -3, "3 positions to the left")]
    [InlineData(2, 1, 0, "turned end for end, one row over")]
    public void A_placement_is_told_against_the_intended_one(int turns, int rows, int columns, string expected)
        => Assert.Equal(expected, new PlugPlacement(turns, rows, columns).WordsAgainst(PlugPlacement.Straight));

    [Theory]
    [InlineData(0, 0, -1, "3 positions to the left, one row over")]
    [InlineData(2, 3, 2, "turned end for end, 2 rows over")]
    [InlineData(3, 1, 2, "turned a quarter")]
    public void What_is_meant_may_be_shifted_itself(int turns, int rows, int columns, string expected)
        => Assert.Equal(expected, new PlugPlacement(turns, rows, columns).WordsAgainst(new PlugPlacement(0, 1, 2)));

    [Theory]
    [InlineData(0, "turned end for end")]
    [InlineData(1, "turned a quarter")]
    [InlineData(2, "straight on, unchanged")]
    public void What_is_meant_may_be_turned_itself(int turns, string expected)
        => Assert.Equal(expected, new PlugPlacement(turns, 0, 0).WordsAgainst(new PlugPlacement(2, 0, 0)));

    // Over the four gaps of five positions 0.1 mm a pitch are 0.4 mm.
    [Theory]
    [InlineData(2.639, 0)]
    [InlineData(2.641, 1)]
    public void Two_thirds_of_a_pin_at_the_last_position_is_the_most(double pitch, int problems)
        => Assert.Equal(problems, PlugFit.Problems(Port("pin-header", 1, 5) with { OwnPitch = new Millimetres(pitch) },
            Port("crimp-plug", 1, 5) with { Gender = Gender.Female, OwnPitch = new Millimetres(2.54) }).Count);

    [Theory]
    [InlineData(JointMethod.Straight)]
    [InlineData(JointMethod.Adapter)]
    public void What_nobody_vouches_to_go_on_is_judged_as_if_it_did(JointMethod method)
    {
        // One position more than the header has, and what meets would short.
        var graft = Bench.Joined(Bench.Header("+5 V,ground", "power-block"), Bench.Plug("ground,+5 V,ground", "power-block"), method,
            method == JointMethod.Straight ? [] : [(1, 2), (2, 1)]);
        var review = Review.Of(graft).Wire.Joints.Single();
        Assert.False(Assert.Single(review.FitProblems).IsSure);
        Assert.Equal(method == JointMethod.Straight ? JointVerdictKind.WouldDamage : JointVerdictKind.Joined, review.Verdict.Kind);
        Assert.Equal(method != JointMethod.Straight, review.Findings.Any(finding => finding.Rule == WireRules.DangerousPlacement));
        // Where nothing that meets would do harm, it is no straight way all the same.
        var harmless = Bench.Joined(Bench.Header("ground,ground", "power-block"), Bench.Plug("ground,ground,ground", "power-block"), JointMethod.Straight);
        Assert.Equal(JointVerdictKind.NeedsGoBetween, Review.Of(harmless).Wire.Joints.Single().Verdict.Kind);
    }

    [Theory]
    [InlineData("pin-header", 1, 2, "crimp-plug", 1, 2, "")]
    [InlineData("pin-header", 2, 7, "crimp-plug", 1, 2, "")]
    [InlineData("atx-main-24", 2, 12, "atx-main-20", 2, 10, "")]
    [InlineData("cpu-power-4", 2, 2, "cpu-power-8", 2, 4, "")]
    [InlineData("atx-main-20", 2, 10, "atx-main-24", 2, 12, "")]
    [InlineData("power-block", 2, 12, "atx-main-24", 2, 12, "")]
    [InlineData("power-block", 2, 11, "atx-main-24", 2, 12, "WIRE-032")]
    [InlineData("power-block", 2, 5, "atx-main-24", 2, 12, "WIRE-032")]
    [InlineData("power-block", 2, 5, "power-block", 2, 6, "WIRE-032")]
    [InlineData("card-power-6", 2, 3, "cpu-power-8", 2, 4, "WIRE-032")]
    [InlineData("card-power-6", 2, 3, "card-power-8", 2, 4, "")]
    [InlineData("fan-3", 1, 3, "fan-4", 1, 4, "")]
    [InlineData("pin-header", 1, 2, "power-block", 1, 2, "WIRE-031 WIRE-032")]
    [InlineData("drive-power-15", 1, 15, "peripheral-power-4", 1, 4, "WIRE-031")]
    [InlineData("atx-main-24", 2, 12, "peripheral-power-4", 1, 4, "WIRE-031 WIRE-033")]
    [InlineData("shrouded-header", 1, 4, "crimp-plug", 1, 5, "WIRE-032")]
    [InlineData("barrel-jack", 1, 2, "crimp-plug", 1, 2, "WIRE-031 WIRE-032")]
    [InlineData("loose-ends", 1, 2, "crimp-plug", 1, 2, "WIRE-032")]
    public void Which_bodies_go_together(string header, int headerRows, int headerColumns, string plug, int plugRows, int plugColumns, string expected)
    {
        var problems = PlugFit.Problems(Port(header, headerRows, headerColumns), Port(plug, plugRows, plugColumns) with { Gender = Gender.Female });
        Assert.Equal(expected, string.Join(' ', problems.Select(problem => problem.Rule.Code)));
    }

    [Theory]
    [InlineData(2, false)]
    [InlineData(10, true)]
    public void A_small_difference_of_pitch_adds_up_over_a_long_row(int positions, bool isRefused)
    {
        var plug = Port("crimp-plug", 1, positions) with { Gender = Gender.Female, OwnPitch = new Millimetres(2.5) };
        Assert.Equal(isRefused, PlugFit.Problems(Port("pin-header", 1, positions) with { OwnPitch = new Millimetres(2.55) }, plug).Count > 0);
    }

    private static Port Port(string connector, int rows, int columns)
        => new("port", "port", ConnectorTypes.Find(connector)!, Gender.Male) { OwnRows = rows, OwnColumns = columns };
}
