using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Surveying;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on places that were typed, of a board's holes or a plane's mounts, against the distances that were measured of the same thing.</summary>
internal static class TypedFindings
{
    // A caliper's jaws on the rims of two holes, and places typed to the tenth.
    private const double HandMm = 0.5;

    // 999 of 1,000 lie within so many standard deviations.
    private const double Deviations = 3.29;

    public static IEnumerable<Finding> Of(Graft graft, ImmutableDictionary<string, SurveyResult> surveys)
        => from survey in graft.Seating.Surveys let finding = Of(graft, survey.Of, surveys[survey.Of]) where finding is not null select finding;

    private static Finding? Of(Graft graft, string of, SurveyResult survey)
    {
        var typed = Typed(graft, of, survey);
        var points = survey.Points.Where(point => point is { IsDetermined: true, HasMirror: false } && typed.ContainsKey(point.Name)).ToArray();
        // Distances and no places: a survey may count from other edges than what was typed.
        var wrong = (from one in points.Index()
                     from other in points.Skip(one.Index + 1)
                     let said = typed[one.Item.Name].To(typed[other.Name])
                     let measured = one.Item.At.To(other.At)
                     where Math.Abs(said - measured) > HandMm + (Deviations * (one.Item.LongAxis + other.LongAxis))
                     select (One: one.Item.Name, Other: other.Name, Said: said, Measured: measured)).ToArray();
        if (wrong.Length == 0) return null;
        // The one that most of what does not fit has in common.
        var suspects = points.Select(point => (point.Name, Count: wrong.Count(pair => pair.One == point.Name || pair.Other == point.Name))).ToArray();
        var most = suspects.Max(suspect => suspect.Count);
        var blamed = suspects.Where(suspect => suspect.Count == most).ToArray();
        var worst = wrong.Where(pair => blamed.Any(suspect => suspect.Name == pair.One
            || suspect.Name == pair.Other)).MaxBy(pair => Math.Abs(pair.Said - pair.Measured));
        var who = blamed.Length == 1 && points.Length > 2 ? $"{blamed[0].Name} of {Name(graft, of)} is typed where it does not lie" : $"The places typed for {Name(graft, of)} do not fit its survey";
        return Finding.Of(SeatRules.TypedContradicted, new SurveySubject(of),
            new TypedContradicted(worst.One, worst.Other, new Millimetres(worst.Said), new Millimetres(worst.Measured)),
            $"{who}: from {worst.One} to {worst.Other} they are {Mm(worst.Said)} apart as typed, and {Mm(worst.Measured)} as measured.", Evidence.Measured,
            "take the measured places over, on the caliper's page", "measure that distance once more");
    }

    // As many holes as points were taken over from it, in order; otherwise a hole goes by its number.
    private static Dictionary<string, PlanPoint> Typed(Graft graft, string of, SurveyResult survey)
        => graft.FindPart(of) is { } board
            ? board.Holes.Zip(survey.Holes.Count() == board.Holes.Length ? survey.Holes.Select(point => point.Name)
                : Enumerable.Range(1, board.Holes.Length).Select(number => $"h{number}"))
                .ToDictionary(pair => pair.Second, pair => new PlanPoint(pair.First.X, pair.First.Y))
            : graft.Seating.FindPlane(of)?.Mounts.ToDictionary(mount => mount.Id, mount => mount.At) ?? [];

    private static string Name(Graft graft, string of) => graft.FindPart(of)?.Name ?? graft.Seating.FindPlane(of)?.Name ?? of;
}
