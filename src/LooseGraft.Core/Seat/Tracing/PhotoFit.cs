using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Tracing;

/// <summary>How a photograph lies under a plan: scaled by one known distance across and one deep, and squared up so that these two stand at a right
/// angle.</summary>
/// <remarks>Two distances fix an affine map and no more. It is exact for a photograph that is turned, or squeezed alike all over; of one taken aslant, what
/// lies away from the two distances is off, which <see cref="SkewDegrees"/> and <see cref="Stretch"/> betray in part only.</remarks>
public sealed record PhotoFit
{
    /// <summary>Degrees; two distances that run closer together than that fix nothing.</summary>
    public const double LeastAngleDegrees = 30;

    /// <summary>Degrees off a right angle, and <see cref="MostStretch"/> as a share, from which on a photograph is said to be taken aslant.</summary>
    public const double MostSkewDegrees = 2;

    /// <summary>The share by which the two scales may differ: what a telephone held level by eye gives.</summary>
    public const double MostStretch = 0.03;

    private PhotoFit(PlanPoint right, PlanPoint down, PlanPoint corner, double skew, double stretch)
        => (RightPx, DownPx, Corner, SkewDegrees, Stretch) = (right, down, corner, skew, stretch);

    /// <summary>Millimetres on the plan for a pixel to the right in the photograph.</summary>
    public PlanPoint RightPx { get; }

    /// <summary>Millimetres on the plan for a pixel down in the photograph.</summary>
    public PlanPoint DownPx { get; }

    /// <summary>Where the left upper corner of the photograph lies on the plan.</summary>
    public PlanPoint Corner { get; }

    /// <summary>Degrees by which the two distances miss a right angle in the photograph, from 0.</summary>
    public double SkewDegrees { get; }

    /// <summary>The share by which millimetres to the pixel differ across and deep, from 0.</summary>
    public double Stretch { get; }

    /// <summary>Whether it was taken aslant, as far as the two distances show.</summary>
    public bool IsAslant => SkewDegrees > MostSkewDegrees || Stretch > MostStretch;

    /// <summary>Lays a photograph under its plan.</summary>
    /// <returns>How it lies; or null, and what it lacks, as a sentence.</returns>
    public static (PhotoFit? Fit, string? Lacks) Of(PlanPhoto photo)
    {
        var marks = photo.Marks.ToDictionary(mark => mark.Position, mark => new PlanPoint(mark.X * photo.WidthPx, mark.Y * photo.HeightPx));
        if (marks.Count < 4) return (null, "Mark both ends of both distances.");
        if (photo.Across is not { Value: > 0 and var across } || photo.Deep is not { Value: > 0 and var deep }) return (null, "Type how long both are.");
        var (one, other) = (marks[2] - marks[1], marks[4] - marks[3]);
        var (first, second) = (Math.Sqrt((one.X * one.X) + (one.Y * one.Y)), Math.Sqrt((other.X * other.X) + (other.Y * other.Y)));
        var turn = (one.X * other.Y) - (one.Y * other.X);
        // The sine of the angle between them; of no length at all they have none.
        if (Math.Abs(turn) <= first * second * Math.Sin(LeastAngleDegrees * Math.PI / 180))
            return (null, "The two run nearly the same way: one has to go across, the other from the rear to the front.");
        // Down is downwards in a photograph and away from the front on a plan.
        if (turn > 0) return (null, "So it would lie mirrored: mark the left end first of the one, the rear end first of the other, looking at the component side.");
        var (right, down) = (new PlanPoint(across * other.Y / turn, -deep * one.Y / turn), new PlanPoint(-across * other.X / turn, deep * one.X / turn));
        var corner = photo.At - new PlanPoint(
            (right.X * marks[1].X) + (down.X * marks[1].Y), (right.Y * marks[1].X) + (down.Y * marks[1].Y));
        var skew = Math.Abs(90 - (Math.Acos(Math.Clamp(((one.X * other.X) + (one.Y * other.Y)) / (first * second), -1, 1)) * 180 / Math.PI));
        var (fine, coarse) = (Math.Min(across / first, deep / second), Math.Max(across / first, deep / second));
        return (new PhotoFit(right, down, corner, skew, (coarse / fine) - 1), null);
    }

    /// <summary>Where a place of the photograph, in pixels from its left upper corner, lies on the plan.</summary>
    public PlanPoint Place(PlanPoint pixel)
        => Corner + new PlanPoint((RightPx.X * pixel.X) + (DownPx.X * pixel.Y), (RightPx.Y * pixel.X) + (DownPx.Y * pixel.Y));
}
