using System.Globalization;
using LooseGraft.Core.Feed;

namespace LooseGraft.Web.Drawing;

/// <summary>The limits of a supply as bars: low, likely and high against the limit, each row to its own limit.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Case">The load case shown.</param>
public sealed record FeedPicture(SupplyReview Supply, LoadCase Case)
{
    /// <summary>Where the limit stands in a row; what goes beyond it has the rest.</summary>
    public const double LimitX = 420;
    public const double Width = 560;
    public const double RowHeight = 44;
    private const double BarTop = 12;

    public double Height => Supply.Limits.Length * RowHeight;

    /// <summary>How far along the row an amount stands. Beyond the drawing's edge it is cut off there.</summary>
    public static double X(FeedLimit limit, Throughput used)
        => limit.Limit.Value.Value > 0 ? Math.Clamp(used / limit.Limit.Value * LimitX, 0, Width) : Width;

    public static string Number(double pixels) => pixels.ToString("0.#", CultureInfo.InvariantCulture);
}
