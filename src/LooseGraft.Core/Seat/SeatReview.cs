using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Reach;
using LooseGraft.Core.Seat.Standing;
using LooseGraft.Core.Seat.Surveying;

namespace LooseGraft.Core.Seat;

/// <summary>What the Seat stage concludes.</summary>
/// <param name="Boards">Every seated board.</param>
/// <param name="Bodies">Everything that takes up room.</param>
/// <param name="Beneath">What lies under each board, by its id, worst first.</param>
/// <param name="Clashes">What wants the same room, worst first.</param>
/// <param name="Reaches">Whether each lead reaches.</param>
/// <param name="Surveys">What the distances say, by what was measured.</param>
/// <param name="Findings">What its rules say.</param>
public sealed record SeatReview(
    ImmutableArray<SeatedBoard> Boards, ImmutableArray<SolidBody> Bodies, ImmutableDictionary<string, ImmutableArray<Beneath>> Beneath,
    ImmutableArray<Clash> Clashes, ImmutableArray<LeadReach> Reaches,
    ImmutableDictionary<string, SurveyResult> Surveys, ImmutableArray<Finding> Findings) : IStageReview
{
    /// <inheritdoc/>
    public Figures Figures => new SeatFigures(
        Boards.Length, Boards.Sum(board => board.Holes.Count(hole => hole.Mount is not null)), Boards.Sum(board => board.Holes.Count(hole => !hole.IsHeld)),
        Clashes.Length,
        Reaches.Length, Reaches.Count(reach => reach.Verdict is ReachVerdict.FallsShort or ReachVerdict.NoWay),
        Reaches.Where(reach => reach.Spare is not null).Select(reach => new Millimetres(reach.Spare!.Value)).Cast<Millimetres?>().Min());
}
