using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Drawing;

/// <summary>Draws on a sheet: in the frame of a plane, or raw, from its left rear corner.</summary>
internal sealed class SheetPen(MountPlane? plane)
{
    public const double WordsMm = 3;
    public const double CrossMm = 4;

    private readonly PlanPoint _corner = plane is null
        ? default
        : new PlanPoint(plane.Bounds.X, plane.Bounds.Y);
    private readonly List<SheetPath> _paths = [];
    private readonly List<SheetCircle> _circles = [];
    private readonly List<SheetLabel> _labels = [];

    public PlanSheet Sheet(string title) => new(title, [.. _paths], [.. _circles], [.. _labels]);

    public void Path(SheetLayer layer, IEnumerable<PlanPoint> corners, bool isClosed = true)
        => RawPath(layer, corners.Select(corner => corner - _corner), isClosed);

    public void Circle(SheetLayer layer, PlanPoint middle, double radius) => RawCircle(layer, middle - _corner, radius);

    public void Cross(SheetLayer layer, PlanPoint at) => RawCross(layer, at - _corner);

    public void Words(PlanPoint at, string text) => RawWords(at - _corner, text);

    public void RawPath(SheetLayer layer, IEnumerable<PlanPoint> corners, bool isClosed = true) => _paths.Add(new SheetPath(layer, [.. corners], isClosed));

    public void RawCircle(SheetLayer layer, PlanPoint middle, double radius) => _circles.Add(new SheetCircle(layer, middle, radius));

    public void RawWords(PlanPoint at, string text) => _labels.Add(new SheetLabel(at, WordsMm, text));

    public void RawCross(SheetLayer layer, PlanPoint at)
    {
        RawPath(layer, [new(at.X - CrossMm, at.Y), new(at.X + CrossMm, at.Y)], false);
        RawPath(layer, [new(at.X, at.Y - CrossMm), new(at.X, at.Y + CrossMm)], false);
    }
}
