namespace LooseGraft.Core.Model;

/// <summary>A place in a plan, looking down at the component side: a right-handed frame with the rear edge at y = 0.</summary>
/// <param name="X">Millimetres from the left edge (of a board: the processor-side edge), growing to the right.</param>
/// <param name="Y">Millimetres from the rear edge, growing to the front.</param>
public readonly record struct PlanPoint(double X, double Y)
{
    /// <summary>The vector from one place to another.</summary>
    public static PlanPoint operator -(PlanPoint to, PlanPoint from) => new(to.X - from.X, to.Y - from.Y);

    /// <summary>A place moved by a vector.</summary>
    public static PlanPoint operator +(PlanPoint from, PlanPoint by) => new(from.X + by.X, from.Y + by.Y);

    /// <summary>The distance to another place in millimetres.</summary>
    public double To(PlanPoint other) => Math.Sqrt(((X - other.X) * (X - other.X)) + ((Y - other.Y) * (Y - other.Y)));

    /// <summary>Turned about the origin.</summary>
    /// <param name="degrees">Counter-clockwise, seen from the component side. Quarter turns are exact.</param>
    public PlanPoint Turned(double degrees)
    {
        var (cos, sin) = (((degrees % 360) + 360) % 360) switch
        {
            0 => (1.0, 0.0),
            90 => (0.0, 1.0),
            180 => (-1.0, 0.0),
            270 => (0.0, -1.0),
            var angle => (Math.Cos(angle * Math.PI / 180), Math.Sin(angle * Math.PI / 180)),
        };
        return new PlanPoint((X * cos) - (Y * sin), (X * sin) + (Y * cos));
    }

    /// <summary>For example <c>(6.35, 33.02)</c>.</summary>
    public override string ToString() => string.Create(System.Globalization.CultureInfo.InvariantCulture, $"({X:0.##}, {Y:0.##})");
}
