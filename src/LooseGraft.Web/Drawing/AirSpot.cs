namespace LooseGraft.Web.Drawing;

/// <summary>Where the temperature of a thing is written, in pixels.</summary>
/// <param name="Spot">Its index.</param>
/// <param name="X">The middle of the words.</param>
/// <param name="Y">The middle of the words.</param>
/// <param name="IsPlaced">Whether the thing is known to be there.</param>
public sealed record AirSpot(int Spot, double X, double Y, bool IsPlaced)
{
    /// <summary>Room of two lines of words.</summary>
    public const double Tall = 34;

    private const double Wide = 94;

    /// <summary>The same with what would be written over each other, or over something else, moved down.</summary>
    /// <param name="spots">The things.</param>
    /// <param name="taken">Middles of what is drawn there already.</param>
    public static IReadOnlyList<AirSpot> Apart(IEnumerable<AirSpot> spots, IEnumerable<(double X, double Y)> taken)
    {
        var (placed, full) = (new List<AirSpot>(), taken.ToList());
        foreach (var spot in spots.OrderBy(spot => spot.Y))
        {
            var y = spot.Y;
            foreach (var above in full.Where(above => Math.Abs(above.X - spot.X) < Wide).OrderBy(above => above.Y))
            {
                if (Math.Abs(above.Y - y) < Tall) y = above.Y + Tall;
            }

            placed.Add(spot with { Y = y });
            full.Add((spot.X, y));
        }

        return placed;
    }
}
