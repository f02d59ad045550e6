using System.Globalization;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Drawing;

/// <summary>The limits of a supply as bars: low, likely and high against the limit, each row to its own limit.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Case">The load case shown.</param>
public sealed record FeedPicture(SupplyReview Supply, LoadCase Case)
{
    /// <summary>Where the limit stands in a row; what goes beyond it has the rest.</summary>
    public const double LimitX = 420;
    public const double Width = 560;

    // Of a place that would bear twice as much there is nothing to decide.
    private const double FarShare = 0.5;

    /// <summary>What the supply gives, and the places that come near what they bear, those first that come nearest.</summary>
    public IEnumerable<FeedLimit> Near
        => Supply.Limits.Where(limit => limit.Kind <= FeedLimitKind.Total)
            .Concat(Supply.Limits.Where(limit => limit.Kind > FeedLimitKind.Total && limit.LeastShareLeft < FarShare).OrderBy(limit => limit.LeastShareLeft));

    /// <summary>The other places.</summary>
    public IEnumerable<FeedLimit> Far => Supply.Limits.Where(limit => limit.Kind > FeedLimitKind.Total && limit.LeastShareLeft >= FarShare);

    /// <summary>How far along the row an amount stands. Beyond the drawing's edge it is cut off there.</summary>
    public static double X(FeedLimit limit, Throughput used)
        => limit.Limit.Value.Value > 0 ? Math.Clamp(used / limit.Limit.Value * LimitX, 0, Width) : Width;

    /// <summary>How far a contact's bar goes, likely and high, where 100 is what it bears; cut off at 140.</summary>
    public static (double Likely, double High) Bar(Spread<Amps> current, double bears)
        => (Math.Min(100 * current.Likely.Value / bears, 140), Math.Min(100 * current.High.Value / bears, 140));

    public static string Number(double pixels) => pixels.ToString("0.#", CultureInfo.InvariantCulture);
}
