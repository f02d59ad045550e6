using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>How well the unknowns of a survey are known: their covariance, and the directions that nothing fixes.</summary>
internal sealed class SurveySpread
{
    private const double Singular = 1e-10;

    // Of a reading's own variance: with less left, nothing checks it.
    private const double Checked = 1e-6;

    private readonly int[] _column;
    private readonly Matrix<double>? _covariance;
    private readonly Matrix<double>? _loose;

    private SurveySpread(int[] column, Matrix<double>? covariance, Matrix<double>? loose, int rank)
    {
        (_column, _covariance, _loose, Rank) = (column, covariance, loose, rank);
    }

    public int Rank { get; }

    public bool IsWhole => _loose is null;

    /// <summary>From the eigenvalues of the normal matrix: those next to nothing belong to directions that no distance fixes.</summary>
    public static SurveySpread Of(SurveySystem system, Vector<double> at)
    {
        var (column, free) = (new int[system.Unknowns], system.Free);
        Array.Fill(column, -1);
        for (var index = 0; index < free.Length; index++) column[free[index]] = index;
        if (free.IsEmpty || system.Equations.Count == 0)
            return new SurveySpread(column, null, free.IsEmpty ? null : Matrix<double>.Build.DenseIdentity(free.Length), 0);
        var slopes = SurveyFit.Linear(system, at).Slopes;
        var evd = slopes.TransposeThisAndMultiply(slopes).Evd(Symmetricity.Symmetric);
        var values = evd.EigenValues.Select(value => value.Real).ToArray();
        var least = values.Max() * Singular;
        var kept = Enumerable.Range(0, values.Length).Where(index => values[index] > least).ToArray();
        var covariance = Matrix<double>.Build.Dense(free.Length, free.Length);
        foreach (var index in kept)
        {
            var direction = evd.EigenVectors.Column(index);
            covariance += direction.OuterProduct(direction) / values[index];
        }

        var loose = Enumerable.Range(0, values.Length).Except(kept).ToArray();
        return new SurveySpread(
            column, covariance, loose.Length == 0 ? null : Matrix<double>.Build.DenseOfColumnVectors(loose.Select(evd.EigenVectors.Column)), kept.Length);
    }

    public bool IsDetermined(int unknown) => _column[unknown] < 0 || _loose is null || _loose.Row(_column[unknown]).InfinityNorm() < 1e-6;

    /// <summary>The variance of a linear function of the unknowns.</summary>
    public double Variance((int Unknown, double Slope)[] of)
        => _covariance is null ? 0 : of.Sum(one => of.Sum(other => Cell(one.Unknown, other.Unknown) * one.Slope * other.Slope));

    /// <summary>The variance of what is left of a distance that counts, in square millimetres; null when nothing checks it.</summary>
    public double? Left(SurveySystem system, SurveySystem.Equation equation, Vector<double> at)
    {
        var own = equation.Deviation * equation.Deviation;
        return own - Variance(system.Slopes(equation, at)) is var left && left > Checked * own ? left : null;
    }

    /// <summary>What is left of a distance that counts, in standard deviations of that; null when nothing checks it.</summary>
    public double? Weight(SurveySystem system, SurveySystem.Equation equation, Vector<double> at)
        => Left(system, equation, at) is { } left ? Math.Abs(equation.Middle - system.Say(equation, at)) / Math.Sqrt(left) : null;

    /// <summary>The same of a distance that does not count.</summary>
    public double WeightOutside(SurveySystem system, SurveySystem.Equation equation, Vector<double> at)
        => Math.Abs(equation.Middle - system.Say(equation, at)) / Math.Sqrt((equation.Deviation * equation.Deviation) + Variance(system.Slopes(equation, at)));

    /// <summary>How far a slip moves the point whose x is that unknown, by each variance of the distance, in millimetres.</summary>
    public double Pull(int x, (int Unknown, double Slope)[] of)
    {
        var (byX, byY) = (of.Sum(part => Cell(x, part.Unknown) * part.Slope), of.Sum(part => Cell(x + 1, part.Unknown) * part.Slope));
        return Math.Sqrt((byX * byX) + (byY * byY));
    }

    /// <summary>How strongly a distance would take hold of a direction that nothing fixes; 0 when it would not.</summary>
    public double Grip((int Unknown, double Slope)[] of)
    {
        if (_loose is null) return 0;
        var grip = 0.0;
        for (var direction = 0; direction < _loose.ColumnCount; direction++)
        {
            var part = of.Where(piece => _column[piece.Unknown] >= 0).Sum(piece => piece.Slope * _loose[_column[piece.Unknown], direction]);
            grip += part * part;
        }

        return Math.Sqrt(grip);
    }

    /// <summary>The uncertainty ellipse of the point whose x is that unknown, as if a further distance had been measured.</summary>
    /// <param name="x">The unknown.</param>
    /// <param name="with">The further distance; null for none.</param>
    /// <param name="deviation">Its standard deviation in millimetres.</param>
    public (double Long, double Short, double Degrees) Ellipse(int x, (int Unknown, double Slope)[]? with = null, double deviation = 0)
    {
        var (xx, xy, yy) = (Cell(x, x), Cell(x, x + 1), Cell(x + 1, x + 1));
        if (with is not null)
        {
            var (byX, byY) = (with.Sum(part => Cell(x, part.Unknown) * part.Slope), with.Sum(part => Cell(x + 1, part.Unknown) * part.Slope));
            var sum = (deviation * deviation) + Variance(with);
            (xx, xy, yy) = (xx - (byX * byX / sum), xy - (byX * byY / sum), yy - (byY * byY / sum));
        }

        var (middle, reach) = ((xx + yy) / 2, Math.Sqrt((((xx - yy) / 2) * ((xx - yy) / 2)) + (xy * xy)));
        return (Math.Sqrt(Math.Max(0, middle + reach)), Math.Sqrt(Math.Max(0, middle - reach)), Math.Atan2(2 * xy, xx - yy) / 2 * 180 / Math.PI);
    }

    private double Cell(int one, int other) => _covariance is null || _column[one] < 0 || _column[other] < 0 ? 0 : _covariance[_column[one], _column[other]];
}
