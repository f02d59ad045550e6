namespace LooseGraft.Core.Model;

/// <summary>A rectangle in a plan, its sides along the axes, in millimetres.</summary>
/// <param name="X">Its left side.</param>
/// <param name="Y">Its rear side.</param>
/// <param name="Width">Along x; more than 0.</param>
/// <param name="Depth">Along y; more than 0.</param>
public readonly record struct PlanRectangle(double X, double Y, double Width, double Depth)
{
    /// <summary>Its corners, counter-clockwise from rear left.</summary>
    public PlanPoint[] Corners => [new(X, Y), new(X + Width, Y), new(X + Width, Y + Depth), new(X, Y + Depth)];

    /// <summary>Its middle.</summary>
    public PlanPoint Middle => new(X + (Width / 2), Y + (Depth / 2));

    /// <summary>Whether a place lies in it or on its edge.</summary>
    public bool Holds(PlanPoint place) => place.X >= X && place.X <= X + Width && place.Y >= Y && place.Y <= Y + Depth;

    /// <summary>Whether the two share an area.</summary>
    public bool Overlaps(PlanRectangle other)
        => X < other.X + other.Width && other.X < X + Width && Y < other.Y + other.Depth && other.Y < Y + Depth;

    /// <summary>How far a place lies outside it; 0 within.</summary>
    public double DistanceTo(PlanPoint place)
        => new PlanPoint(Math.Clamp(place.X, X, X + Width), Math.Clamp(place.Y, Y, Y + Depth)).To(place);

    /// <summary>The smallest rectangle round some places; empty places give none.</summary>
    public static PlanRectangle Round(IReadOnlyCollection<PlanPoint> places)
    {
        if (places.Count == 0) return default;
        var (left, rear) = (places.Min(place => place.X), places.Min(place => place.Y));
        return new PlanRectangle(left, rear, places.Max(place => place.X) - left, places.Max(place => place.Y) - rear);
    }
}
