using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Standing;

/// <summary>A flat piece of a board between three places that carry it.</summary>
internal readonly record struct PlanFace(HeldPlace A, HeldPlace B, HeldPlace C)
{
    private const double Rim = 1e-6;

    /// <summary>Every three of some places.</summary>
    public static IEnumerable<PlanFace> Among(IReadOnlyList<HeldPlace> places)
    {
        for (var one = 0; one < places.Count; one++)
        {
            for (var two = one + 1; two < places.Count; two++)
            {
                for (var three = two + 1; three < places.Count; three++) yield return new PlanFace(places[one], places[two], places[three]);
            }
        }
    }

    /// <summary>Whether a place lies between the three, or on their rim; three in a line hold nothing.</summary>
    public bool Holds(PlanPoint place) => Shares(place) is var (a, b, c) && a >= -Rim && b >= -Rim && c >= -Rim;

    /// <summary>How high the piece stands at a place, in millimetres; it goes on beyond the three. Not a number for three in a line.</summary>
    public double Height(PlanPoint place)
        => Shares(place) is var (_, b, c) ? A.Height + (b * (B.Height - A.Height)) + (c * (C.Height - A.Height)) : double.NaN;

    /// <summary>Whether none of some places lies inside the circle through the three; three in a line have no circle.</summary>
    public bool AreNeighbours(IReadOnlyList<HeldPlace> all)
    {
        var (b, c) = (B.At - A.At, C.At - A.At);
        var twice = 2 * Cross(b, c);
        if (Math.Abs(twice) < Rim) return false;
        var (b2, c2) = ((b.X * b.X) + (b.Y * b.Y), (c.X * c.X) + (c.Y * c.Y));
        var middle = new PlanPoint(((c.Y * b2) - (b.Y * c2)) / twice, ((b.X * c2) - (c.X * b2)) / twice) + A.At;
        var radius = middle.To(A.At);
        return all.All(place => place.At.To(middle) >= radius - Rim);
    }

    /// <summary>Twice the area between the three, in square millimetres.</summary>
    public double Spread => Math.Abs(Cross(B.At - A.At, C.At - A.At));

    // Barycentric: how much of a place belongs to each of the three.
    private (double A, double B, double C)? Shares(PlanPoint place)
    {
        var (b, c, p) = (B.At - A.At, C.At - A.At, place - A.At);
        var whole = Cross(b, c);
        if (Math.Abs(whole) < Rim) return null;
        var (ofB, ofC) = (Cross(p, c) / whole, Cross(b, p) / whole);
        return (1 - ofB - ofC, ofB, ofC);
    }

    private static double Cross(PlanPoint one, PlanPoint other) => (one.X * other.Y) - (one.Y * other.X);
}
