using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Surveying;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on distances that were measured.</summary>
internal static class SurveyFindings
{
    public static IEnumerable<Finding> Of(Graft graft, ImmutableDictionary<string, SurveyResult> surveys)
    {
        foreach (var survey in graft.Seating.Surveys)
        {
            var (result, subject) = (surveys[survey.Of], new SurveySubject(survey.Of));
            if (result.Suspect is { } suspect)
            {
                var good = suspect.Measured - suspect.GrossError!.Value;
                yield return Finding.Of(SeatRules.SurveyInconsistent, subject,
                    new DistanceInconsistent(suspect.Span.From, suspect.Span.To, new Millimetres(suspect.Measured), new Millimetres(good)),
                    string.Create(CultureInfo.InvariantCulture,
                        $"{suspect.Span.From} to {suspect.Span.To}, read as {suspect.Span.Text}, does not fit the other distances: they say about {good:0.0} mm."), Evidence.Measured,
                    $"measure {suspect.Span.From} to {suspect.Span.To} again");
            }

            var loose = result.Undetermined.Select(point => point.Name).ToArray();
            if (loose.Length > 0)
                yield return Finding.Of(
                    SeatRules.SurveyUndetermined, subject, new PointsLoose([.. loose]), $"The distances do not fix {string.Join(", ", loose)} yet.",
                    Evidence.Measured, Advice(result));
            else if (result.Points.FirstOrDefault(point => point.HasMirror) is { } mirrored)
                yield return Finding.Of(
                    SeatRules.SurveyUndetermined, subject, new PointMirrored(mirrored.Name),
                    $"{mirrored.Name} fits on the other side as well: the distances do not tell which.", Evidence.Measured, Advice(result));
        }
    }

    private static string Advice(SurveyResult result) => result.Next is { } next ? $"measure {next.From} to {next.To}" : "measure one of them to an edge";
}
