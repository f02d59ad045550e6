using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Cuts;

/// <summary>A mark that was made through a hole, against where it should be.</summary>
/// <param name="Hole">The hole.</param>
/// <param name="Marked">Where the mark is, from the plane's left rear corner.</param>
/// <param name="Off">From where it should be to the mark.</param>
/// <param name="Left">What is left once the board is moved so that all marks fit best, in millimetres.</param>
/// <param name="IsWithin">Whether what is left lies within the slack of the screw.</param>
public sealed record CheckedMark(HoleMeeting Hole, PlanPoint Marked, PlanPoint Off, double Left, bool IsWithin);
