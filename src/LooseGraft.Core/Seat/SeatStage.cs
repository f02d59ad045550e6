using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Reach;
using LooseGraft.Core.Seat.Surveying;

namespace LooseGraft.Core.Seat;

/// <summary>The Seat stage: whether boards, boxes and leads go where they shall, in millimetres.</summary>
public static class SeatStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(
        Stage.Seat, input => Review(input.Graft, input.Before is { } old && old.Reviews.Find<SeatReview>() is { } seat ? (old.Graft, seat) : null),
        StageDefinition.RulesIn(typeof(SeatRules)));

    /// <summary>Reviews the seating of a graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="before">What was concluded before an edit; taken over whole when the edit left everything it rests on alone.</param>
    public static SeatReview Review(Graft graft, (Graft Graft, SeatReview Seat)? before = null)
    {
        if (before is { } old && old.Graft.Seating == graft.Seating && old.Graft.Parts == graft.Parts) return old.Seat;
        var boards = SeatedBoard.Of(graft);
        var bodies = SolidBody.Of(graft, boards);
        var (clashes, reaches) = (Clash.Of(bodies), LeadReach.Of(graft, boards, bodies));
        var surveys = graft.Seating.Surveys.ToImmutableDictionary(survey => survey.Of, SurveyAdjustment.Of);
        return new SeatReview(boards, bodies, clashes, reaches, surveys,
        [
            .. boards.SelectMany(MountFindings.Of), .. boards.SelectMany(HoldFindings.Of), .. boards.SelectMany(EdgeFindings.Of),
            .. EdgeFindings.OfOpenings(graft, boards),
            .. RoomFindings.Of(graft, boards, bodies, clashes), .. ReachFindings.Of(reaches), .. SurveyFindings.Of(graft, surveys),
        ]);
    }
}
