using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Tracing;

namespace LooseGraft.Web.Drawing;

/// <summary>What is looked down upon, in pixels, the front up as on a bench.</summary>
/// <param name="Bounds">What is shown, in millimetres.</param>
public abstract record PlanFrame(PlanRectangle Bounds)
{
    /// <summary>Pixels round what is shown.</summary>
    public const double Edge = 34;

    // Seen whole on a screen of 800 pixels, below what stands above it.
    private const double WidestPixels = 640;
    private const double TallestPixels = 560;
    private const double MostPixelsForMm = 4;

    /// <summary>Pixels for a millimetre.</summary>
    public double Scale => Math.Min(MostPixelsForMm, Math.Min(WidestPixels / Math.Max(Bounds.Width, 1), TallestPixels / Math.Max(Bounds.Depth, 1)));

    public double Width => (Bounds.Width * Scale) + (2 * Edge);

    public double Height => (Bounds.Depth * Scale) + (2 * Edge);

    /// <summary>What lies farthest left, in millimetres.</summary>
    public double Left => Bounds.X;

    /// <summary>What lies farthest front, in millimetres.</summary>
    public double Front => Bounds.Y + Bounds.Depth;

    public double X(double millimetres) => Edge + ((millimetres - Left) * Scale);

    public double Y(double millimetres) => Edge + ((Front - millimetres) * Scale);

    public string Points(IEnumerable<PlanPoint> corners) => string.Join(' ', corners.Select(corner => $"{N(X(corner.X))},{N(Y(corner.Y))}"));

    /// <summary>A rectangle as its left upper corner, width and height in pixels.</summary>
    public (string X, string Y, string Width, string Height) Rectangle(PlanRectangle area)
        => (N(X(area.X)), N(Y(area.Y + area.Depth)), N(area.Width * Scale), N(area.Depth * Scale));

    /// <summary>How a photograph is drawn under it.</summary>
    public string Matrix(PhotoFit fit)
    {
        double[] terms =
        [
            fit.RightPx.X * Scale, -fit.RightPx.Y * Scale, fit.DownPx.X * Scale, -fit.DownPx.Y * Scale, X(fit.Corner.X), Y(fit.Corner.Y),
        ];
        return $"matrix({string.Join(' ', terms.Select(term => term.ToString("0.#######", CultureInfo.InvariantCulture)))})";
    }

    public static string N(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);
}
