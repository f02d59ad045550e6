using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>Places on which most readings agree, each as written or with a unit that was left off: found from starts that rest on few readings each, so that a
/// handful of bad ones bends none of the others (Fischler and Bolles, Random sample consensus, 1981).</summary>
internal static class SurveyConsensus
{
    // A start from few readings is this far off by chance; a unit left off is farther.
    private const double NearMm = 2;
    private const int Starts = 80;

    /// <summary>The distances with the units that most of the others speak for, and the places.</summary>
    public static (SurveySystem System, Vector<double> At, IReadOnlyList<UnitReading> Read) Of(SurveySystem system)
    {
        var readings = system.Equations.Select(equation => (Plain: equation,
            Others: SurveyText.WithUnits(equation.Span).Select(read => (read.Unit, As: system.Reading(read.Span))).ToArray())).ToArray();
        var (shake, best, at) = (new Random(1), -1, SurveyStart.Of(system));
        for (var start = 0; start < Starts; start++)
        {
            var tried = SurveyStart.Of(system.Sampled(shake));
            var agree = readings.Sum(reading => IsNear(reading.Plain, tried) ? 2 : reading.Others.Any(other => IsNear(other.As, tried)) ? 1 : 0);
            if (agree > best) (best, at) = (agree, tried);
        }

        var read = readings.Where(reading => !IsNear(reading.Plain, at))
            .SelectMany(reading => reading.Others.Where(other => IsNear(other.As, at)).Take(1)
                .Select(other => new UnitReading(reading.Plain, other.Unit, other.As))).ToArray();
        return (read.Aggregate(system, (result, one) => result.With(one.Equation, one.As)), at, read);

        bool IsNear(SurveySystem.Equation equation, Vector<double> places)
            => Math.Abs(equation.Middle - system.Say(equation, places)) <= NearMm + (SurveyBlame.SuspectAt * equation.Deviation);
    }
}
