using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Holding;
using LooseGraft.Core.Seat.Reach;
using LooseGraft.Core.Seat.Standing;
using LooseGraft.Core.Seat.Surveying;

namespace LooseGraft.Core.Seat;

/// <summary>The Seat stage: whether boards, boxes and leads go where they shall, in millimetres.</summary>
public static class SeatStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(
        Stage.Seat, input => Review(input.Graft, input.Before is { } old && old.Reviews.Find<SeatReview>() is { } seat ? (old.Graft, seat) : null, input.Work),
        StageDefinition.RulesIn(typeof(SeatRules)));

    /// <summary>Reviews the seating of a graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="before">What was concluded before an edit; taken over whole when the edit left everything it rests on alone.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    public static SeatReview Review(Graft graft, (Graft Graft, SeatReview Seat)? before = null, ReviewWork? work = null)
    {
        if (before is { } old && old.Graft.Seating == graft.Seating && old.Graft.Parts == graft.Parts) return old.Seat;
        var seat = Judge(graft, before, work ?? new ReviewWork());
        return seat with { Findings = QuarterTurn.Proposed(graft, seat) };
    }

    /// <summary>The same without the proposals for which things are tried in other places.</summary>
    internal static SeatReview Judge(Graft graft, (Graft Graft, SeatReview Seat)? before, ReviewWork work)
    {
        var boards = SeatedBoard.Of(graft);
        var bodies = SolidBody.Of(graft, boards);
        var beneath = boards.ToImmutableDictionary(board => board.Board.Id, board => Beneath.Of(board, bodies));
        // What is told of something under a board is not told again as want of room.
        var told = beneath.SelectMany(pair => pair.Value, (pair, under) => (Board: pair.Key, Under: under))
            .Where(pair => pair.Under.Verdict != BeneathVerdict.Clear).Select(pair => (pair.Board, pair.Under.Id)).ToHashSet();
        var clashes = Clash.Of(bodies).RemoveAll(clash => told.Contains((clash.One.Id, clash.Other.Id)) || told.Contains((clash.Other.Id, clash.One.Id)));
        var reaches = LeadReach.Of(graft, boards, bodies, work);
        var surveys = work.Each(graft.Seating.Surveys, "survey").ToImmutableDictionary(survey => survey.Of, survey => Adjusted(survey, before));
        return new SeatReview(boards, bodies, beneath, clashes, reaches, surveys,
        [
            .. boards.SelectMany(board => BeneathFindings.Of(board, beneath[board.Board.Id])),
                .. boards.SelectMany(HoldFindings.Of), .. boards.SelectMany(ScrewFindings.Of),
            .. boards.SelectMany(EdgeFindings.Of), .. boards.SelectMany(EvidenceFindings.Of),
                .. OpeningFindings.Of(graft, boards), .. boards.SelectMany(PlateFindings.Of), .. CutAwayFindings.Of(graft, boards),
            .. SlotFindings.Of(graft, bodies), .. DriveFindings.Of(graft), .. TrayFindings.Of(graft),
                .. AerialFindings.Of(boards, bodies), .. MainsFindings.Of(graft, boards, bodies),
            .. RoomFindings.Of(boards, bodies, clashes), .. WallFindings.Of(graft, bodies),
                .. ReachFindings.Of(reaches), .. SurveyFindings.Of(graft, surveys),
            .. TypedFindings.Of(graft, surveys),
        ]);
    }

    /// <summary>What the rules say of boards on what they stand on alone: whatever mounts and outlines can change.</summary>
    internal static ImmutableArray<Finding> FindingsOfBoards(Graft graft)
    {
        var boards = SeatedBoard.Of(graft);
        var bodies = SolidBody.Of(graft, boards);
        return
        [
            .. boards.SelectMany(board => BeneathFindings.Of(board, Beneath.Of(board, bodies))), .. boards.SelectMany(HoldFindings.Of),
            .. boards.SelectMany(ScrewFindings.Of), .. boards.SelectMany(EdgeFindings.Of), .. RoomFindings.Of(boards, bodies, Clash.Of(bodies)),
        ];
    }

    // A survey with a slip takes a while: it is worked out again only when it was changed itself.
    private static SurveyResult Adjusted(Survey survey, (Graft Graft, SeatReview Seat)? before)
        => before is { } old && old.Graft.Seating.Surveys.Contains(survey) && old.Seat.Surveys.TryGetValue(survey.Of, out var known)
            ? known : SurveyAdjustment.Of(survey);
}
