using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>A line in the plane of shifts at which something begins to touch: a straight piece, or a circle.</summary>
/// <param name="From">Where a straight piece begins; the middle of a circle.</param>
/// <param name="To">Where a straight piece ends; unused for a circle.</param>
/// <param name="Radius">The radius of a circle in millimetres; 0 for a straight piece.</param>
internal readonly record struct ShiftCurve(PlanPoint From, PlanPoint To, double Radius)
{
    private const double Rim = 1e-9;

    private bool IsCircle => Radius > 0;

    /// <summary>A place on it where it may cross nothing, as a circle may: its rim speaks for what it encloses. Null for a straight piece.</summary>
    public PlanPoint? Rightmost => IsCircle ? From + new PlanPoint(Radius, 0) : null;

    /// <summary>Whether any of it lies within a disc.</summary>
    public bool Reaches(PlanPoint middle, double radius)
        => IsCircle ? Math.Abs(From.To(middle) - Radius) <= radius + Rim : Nearest(middle).To(middle) <= radius + Rim;

    /// <summary>Where it crosses another; nothing where they run along each other.</summary>
    public IEnumerable<PlanPoint> Crossings(ShiftCurve other) => (IsCircle, other.IsCircle) switch
    {
        (false, false) => Straight(other),
        (true, true) => Circles(other),
        (true, false) => other.Round(this),
        _ => Round(other),
    };

    /// <summary>The place on it that is nearest to another; of the middle of a circle any on its rim.</summary>
    public PlanPoint Nearest(PlanPoint place)
    {
        var (along, off) = (To - From, place - From);
        if (IsCircle)
        {
            var far = From.To(place);
            return far < Rim ? From + new PlanPoint(Radius, 0) : From + new PlanPoint(off.X / far * Radius, off.Y / far * Radius);
        }

        var square = (along.X * along.X) + (along.Y * along.Y);
        var share = square < Rim ? 0 : Math.Clamp(((off.X * along.X) + (off.Y * along.Y)) / square, 0, 1);
        return new PlanPoint(From.X + (share * along.X), From.Y + (share * along.Y));
    }

    private IEnumerable<PlanPoint> Straight(ShiftCurve other)
    {
        var (one, two, off) = (To - From, other.To - other.From, other.From - From);
        var cross = (one.X * two.Y) - (one.Y * two.X);
        if (Math.Abs(cross) < Rim) yield break;
        var (share, others) = (((off.X * two.Y) - (off.Y * two.X)) / cross, ((off.X * one.Y) - (off.Y * one.X)) / cross);
        if (share is >= -Rim and <= 1 + Rim && others is >= -Rim and <= 1 + Rim) yield return new PlanPoint(From.X + (share * one.X), From.Y + (share * one.Y));
    }

    private IEnumerable<PlanPoint> Round(ShiftCurve circle)
    {
        var (along, off) = (To - From, From - circle.From);
        var (a, b) = ((along.X * along.X) + (along.Y * along.Y), (off.X * along.X) + (off.Y * along.Y));
        var under = (b * b) - (a * ((off.X * off.X) + (off.Y * off.Y) - (circle.Radius * circle.Radius)));
        if (a < Rim || under < -Rim) yield break;
        var root = Math.Sqrt(Math.Max(0, under));
        foreach (var share in new[] { (-b - root) / a, (-b + root) / a })
        {
            if (share is >= -Rim and <= 1 + Rim) yield return new PlanPoint(From.X + (share * along.X), From.Y + (share * along.Y));
        }
    }

    private IEnumerable<PlanPoint> Circles(ShiftCurve other)
    {
        var (way, apart) = (other.From - From, other.From.To(From));
        if (apart < Rim || apart > Radius + other.Radius + Rim || apart < Math.Abs(Radius - other.Radius) - Rim) yield break;
        var along = ((apart * apart) + (Radius * Radius) - (other.Radius * other.Radius)) / (2 * apart);
        var aside = Math.Sqrt(Math.Max(0, (Radius * Radius) - (along * along)));
        var (x, y) = (way.X / apart, way.Y / apart);
        yield return new PlanPoint(From.X + (along * x) - (aside * y), From.Y + (along * y) + (aside * x));
        yield return new PlanPoint(From.X + (along * x) + (aside * y), From.Y + (along * y) - (aside * x));
    }
}
