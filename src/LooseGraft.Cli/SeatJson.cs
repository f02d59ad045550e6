using LooseGraft.Core;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Cuts;
using LooseGraft.Core.Seat.Holding;
using LooseGraft.Core.Seat.Placing;
using LooseGraft.Core.Seat.Reach;
using LooseGraft.Core.Seat.Surveying;
using static LooseGraft.Cli.FeedJson;

namespace LooseGraft.Cli;

/// <summary>Where everything sits, as a program reads it, in millimetres: boards with what each hole meets, ways to seat them, what is drilled and cut, leads,
/// and places that follow from distances.</summary>
internal static class SeatJson
{
    // A search takes up to 40 ms; of a graft with dozens of boards and planes the first are given.
    private const int MostSearches = 24;

    /// <summary>Everything that is placed.</summary>
    public static object Of(Review review)
    {
        var (graft, seat) = (review.Graft, review.Seat);
        var searches = Searches(graft).ToArray();
        return new
        {
            Boards = seat.Boards.Select(Board),
            Ways = searches.Take(MostSearches).SelectMany(pair => Placements.Of(graft, pair.Part, pair.Plane)).Select(Way),
            SearchesLeftOut = Math.Max(0, searches.Length - MostSearches),
            Cuts = CutList.Of(graft, seat).Select(Cut),
            Leads = seat.Reaches.Select(Lead),
            Surveys = graft.Seating.Surveys.Select(survey => Survey(survey, seat.Surveys[survey.Of])),
        };
    }

    // A board that sits is tried on its own plane, one that does not on each.
    private static IEnumerable<(string Part, string Plane)> Searches(Graft graft)
        => from part in graft.Parts
           where part.CanBeSeated
           from plane in graft.Seating.Planes
           where graft.Seating.SeatOf(part.Id) is not { } now || now.Plane == plane.Id
           select (part.Id, plane.Id);

    private static object Board(SeatedBoard board) => new
    {
        Part = board.Board.Id,
        Plane = board.Plane.Id,
        At = Place(board.Seat.At),
        board.Seat.TurnDegrees,
        HighestMm = Rounded(board.Standing.Highest),
        board.Seat.Ground,
        Holes = board.Holes.Select(hole => new
        {
            Hole = hole.Number,
            At = Place(hole.At),
            Mount = hole.Mount?.Id,
            RestsOn = hole.Under?.Id,
            hole.Method,
            Screw = ScrewFit.Written(board, hole)?.ToString(),
            ScrewFits = ScrewFit.Of(board, hole) is { } fit
                ? new
                {
                    Thread = fit.Thread.Name,
                    LeastMm = Rounded(fit.Least),
                    MostMm = Rounded(fit.Most),
                    SureMm = Rounded(fit.Sure),
                    OutBehindMm = Rounded(fit.Through),
                }
                : null,
            NearestOffMm = Rounded(hole.NearestOff),
        }),
    };

    private static object Way(BoardPlacement way) => new
    {
        way.Seat.Part,
        way.Seat.Plane,
        At = Place(way.Seat.At),
        way.Seat.TurnDegrees,
        way.Met,
        way.ToDrill,
        way.ToRemove,
        FromOpeningMm = Rounded(way.EdgeOffset),
        way.IsBlind,
        way.IsSound,
    };

    private static object Cut(Cut cut) => new
    {
        cut.Name,
        cut.Act,
        Plane = cut.Plane.Id,
        At = Place(cut.At),
        cut.Size,
        DrillMm = cut.DrillMm > 0 ? Rounded(cut.DrillMm) : null,
        Area = cut.Area is { } area ? new[] { Rounded(area.X), Rounded(area.Y), Rounded(area.Width), Rounded(area.Depth) } : null,
        ToleranceMm = Rounded(cut.Tolerance),
        cut.Depth,
        cut.Tools,
    };

    private static object Lead(LeadReach lead) => new
    {
        Run = lead.Run.Id,
        lead.Verdict,
        NeededMm = Rounded(lead.Needed?.Value),
        HadMm = Rounded(lead.Had?.Value),
        SpareMm = Rounded(lead.Spare),
        Way = lead.Steps.Select(step => Place(step.At)),
    };

    private static object Survey(Survey survey, SurveyResult result) => new
    {
        survey.Of,
        result.Datum,
        WidthMm = Rounded(result.Width),
        DepthMm = Rounded(result.Depth),
        result.Redundancy,
        Points = result.Points.Select(point => new
        {
            point.Name,
            At = point.IsDetermined ? Place(point.At) : null,
            // Null where a slip of one reading would not show.
            BoundMm = double.IsFinite(point.Bound) && point.IsDetermined ? Rounded(point.Bound) : null,
            LongAxisMm = Rounded(point.LongAxis),
            ShortAxisMm = Rounded(point.ShortAxis),
            DiameterMm = Rounded(point.Diameter),
            Mirror = point.Mirror is { } mirror ? Place(mirror) : null,
        }),
        Doubts = result.Doubts.Select(doubt => new
        {
            doubt.Span.From,
            doubt.Span.To,
            ReadMm = Rounded(doubt.Read),
            ShouldMm = Rounded(doubt.Should),
            doubt.Unit,
            Rivals = doubt.Rivals.Select(rival => new { rival.From, rival.To }),
        }),
        Next = result.Next is { } next ? new { next.From, next.To } : null,
    };

    private static double?[] Place(PlanPoint at) => [Rounded(at.X), Rounded(at.Y)];
}
