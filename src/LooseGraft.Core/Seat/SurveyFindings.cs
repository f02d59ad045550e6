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
    private const int MostNamed = 2;

    public static IEnumerable<Finding> Of(Graft graft, ImmutableDictionary<string, SurveyResult> surveys)
    {
        foreach (var survey in graft.Seating.Surveys)
        {
            var (result, subject) = (surveys[survey.Of], new SurveySubject(survey.Of));
            foreach (var doubt in result.Doubts) yield return Doubted(subject, doubt);

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

    private static Finding Doubted(SurveySubject subject, SurveyDoubt doubt)
    {
        var (name, span) = (Name(doubt.Span), doubt.Span);
        var others = string.Create(CultureInfo.InvariantCulture, $"{name}, read as {span.Text}, does not fit the other distances: they say about {doubt.Should:0.0} mm");
        (string Told, ImmutableArray<string> Cures) words = (doubt.Unit, doubt.Rivals) switch
        {
            ({ } unit, _) => ($"{others}, and {span.Text} {unit} fits.", [$"write it as {span.Text} {unit}", $"measure {name} again"]),
            (_, { IsEmpty: true }) => ($"{others}.", [$"measure {name} again"]),
            var (_, rivals) => ($"{others}. {Names(rivals)} would explain it as well.", [doubt.Decides is { } decides ? $"measure {decides.From} to {decides.To}: it {decides.Because}"
                : $"measure {name} again, and {Names(rivals)}"]),
        };
        return Finding.Of(SeatRules.SurveyInconsistent, subject,
            new DistanceInconsistent(span.From, span.To, new Millimetres(doubt.Read), new Millimetres(doubt.Should)), words.Told, Evidence.Measured,
            words.Cures);
    }

    private static string Name(SurveySpan span) => $"{span.From} to {span.To}";

    private static string Names(ImmutableArray<SurveySpan> rivals)
        => string.Join(" or ", rivals.Take(MostNamed).Select(Name)) + (rivals.Length > MostNamed ? $" or {rivals.Length - MostNamed} more" : "");

    private static string Advice(SurveyResult result) => result.Next is { } next ? $"measure {next.From} to {next.To}" : "measure one of them to an edge";
}
