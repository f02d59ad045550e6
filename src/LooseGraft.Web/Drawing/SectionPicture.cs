using LooseGraft.Core.Seat.Drawing;

namespace LooseGraft.Web.Drawing;

/// <summary>A section in pixels.</summary>
/// <param name="View">The section.</param>
public sealed record SectionPicture(SectionView View)
{
    private const double WidestPixels = 640;
    private const double Edge = 24;

    private readonly double _from = View.Pieces.Select(piece => piece.From).DefaultIfEmpty(0).Min();
    private readonly double _to = View.Pieces.Select(piece => piece.To).DefaultIfEmpty(1).Max();
    private readonly double _low = View.Pieces.Select(piece => piece.Low).DefaultIfEmpty(0).Min();
    private readonly double _high = View.Pieces.Select(piece => piece.High).DefaultIfEmpty(1).Max();

    public double Scale => Math.Min(4, WidestPixels / Math.Max(_to - _from, 1));

    public double Width => ((_to - _from) * Scale) + (2 * Edge);

    public double Height => ((_high - _low) * Scale) + (2 * Edge);

    public double X(double along) => Edge + ((along - _from) * Scale);

    public double Y(double up) => Edge + ((_high - up) * Scale);
}
