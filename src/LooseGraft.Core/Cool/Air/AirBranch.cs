namespace LooseGraft.Core.Cool.Air;

/// <summary>One way that air can take from one space to another.</summary>
/// <param name="From">Index of the space that it starts from; <see cref="Room"/> for the room.</param>
/// <param name="To">Index of the space that it leads to.</param>
/// <param name="Linear">Pascals for each cubic metre per second; above 0, however small, so that air at rest is defined too.</param>
/// <param name="Quadratic">Pascals for each square of that; 0 or more.</param>
public readonly record struct AirBranch(int From, int To, double Linear, double Quadratic)
{
    /// <summary>Stands for the room, whose pressure is 0.</summary>
    public const int Room = -1;

    /// <summary>What warm air, or whatever else does not depend on flow, adds from start to end, in pascals.</summary>
    public double Rise { get; init; }

    /// <summary>The fan in it, which blows from start to end; null for none.</summary>
    public FanCurve? Fan { get; init; }

    /// <summary>The flow that a difference of pressure drives, and by how much it grows for each pascal more.</summary>
    /// <remarks>Linear · Q + Quadratic · Q·|Q| − fan(Q) = difference + Rise has one solution, as the left side rises with Q; on each straight piece of the
    /// fan's curve it is a quadratic equation.</remarks>
    /// <param name="difference">Pressure at the start less that at the end, in pascals.</param>
    public (double Flow, double Conductance) At(double difference)
    {
        var (drive, linear) = (difference + Rise, Linear);
        if (Fan is { } fan)
        {
            var (points, at) = (fan.Points, 0);
            while (at < points.Length - 2 && drive > AgainstFan(points[at + 1])) at++;
            var (pressure, slope) = fan.Piece(at);
            drive += pressure;
            linear -= slope;
        }

        var size = 2 * Math.Abs(drive) / (linear + Math.Sqrt((linear * linear) + (4 * Quadratic * Math.Abs(drive))));
        return (Math.CopySign(size, drive), 1 / (linear + (2 * Quadratic * size)));
    }

    private double AgainstFan((double Flow, double Pressure) point)
        => (Linear * point.Flow) + (Quadratic * point.Flow * Math.Abs(point.Flow)) - point.Pressure;
}
