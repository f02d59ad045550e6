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
    public static (SurveySystem System, Vector<double> At, IReadOnlyList<(SurveySystem.Equation Equation, string Unit, SurveySystem.Equation As)> Read) Of(SurveySystem system)
    {
        var (shake, best, at) = (new Random(1), -1, SurveyStart.Of(system));
        for (var start = 0; start < Starts; start++)
        {
            var tried = SurveyStart.Of(system.Sampled(shake));
            var agree = system.Equations.Sum(equation => IsNear(system, equation, tried) ? 2 : With(system, equation, tried) is not null ? 1 : 0);
            if (agree > best) (best, at) = (agree, tried);
        }

        var read = new List<(SurveySystem.Equation, string, SurveySystem.Equation)>();
        var result = system;
        foreach (var equation in system.Equations.Where(equation => !IsNear(system, equation, at)))
        {
            if (With(system, equation, at) is not { } unit) continue;
            (result, var anew) = result.With(equation, unit.Span);
            read.Add((equation, unit.Unit, anew));
        }

        return (result, at, read);
    }

    private static (string Unit, Model.SurveySpan Span)? With(SurveySystem system, SurveySystem.Equation equation, Vector<double> at)
    {
        foreach (var (unit, span) in SurveyText.WithUnits(equation.Span))
        {
            if (IsNear(system, system.With(equation, span).As, at)) return (unit, span);
        }

        return null;
    }

    private static bool IsNear(SurveySystem system, SurveySystem.Equation equation, Vector<double> at)
        => Math.Abs(equation.Middle - system.Say(equation, at)) <= NearMm + (SurveyBlame.SuspectAt * equation.Deviation);
}
