using System.Globalization;
using LooseGraft.Core.Feed.Wall;

namespace LooseGraft.Web.Drawing;

/// <summary>A log of a wall meter over time, in pixels.</summary>
/// <param name="Log">The log; at least one sample.</param>
public sealed record TracePicture(WallLog Log)
{
    public const double Width = 760;
    public const double Height = 196;

    private const double Left = 64;
    private const double Right = 740;
    private const double Top = 20;
    private const double Bottom = 170;
    private const int MostPoints = 800;

    /// <summary>How long it is, in seconds; at least one.</summary>
    public double Length => Math.Max(1, (Log.Samples[^1].At - Log.Samples[0].At).TotalSeconds);

    /// <summary>The highest power, in watts; at least one.</summary>
    public double Most { get; } = Math.Max(1, Log.Samples.Max(sample => sample.Power.Value));

    /// <summary>Where a second of it stands.</summary>
    public double X(double seconds) => Left + ((Right - Left) * seconds / Length);

    /// <summary>Its line. Of a long one only every so manieth sample is drawn, and the last.</summary>
    public string Points
    {
        get
        {
            var (start, step, last) = (Log.Samples[0].At, Math.Max(1, Log.Samples.Length / MostPoints), Log.Samples.Length - 1);
            return string.Join(' ', Log.Samples.Where((_, index) => index % step == 0 || index == last)
                .Select(sample => $"{Number(X((sample.At - start).TotalSeconds))},{Number(Bottom - ((Bottom - Top) * sample.Power.Value / Most))}"));
        }
    }

    public static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);
}
