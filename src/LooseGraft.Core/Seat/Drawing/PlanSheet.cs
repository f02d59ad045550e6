using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Drawing;

/// <summary>A drawing in millimetres, true to size, x to the right and y to the front (up on paper).</summary>
/// <param name="Title">What it shows.</param>
/// <param name="Paths">Lines through corners.</param>
/// <param name="Circles">Circles.</param>
/// <param name="Labels">Words.</param>
public sealed record PlanSheet(string Title, ImmutableArray<SheetPath> Paths, ImmutableArray<SheetCircle> Circles, ImmutableArray<SheetLabel> Labels)
{
    /// <summary>The length of the ruler that is printed beside it, in millimetres.</summary>
    public const double RulerMm = 100;

    /// <summary>The smallest rectangle round everything drawn.</summary>
    public PlanRectangle Bounds => PlanRectangle.Round(
    [
        .. Paths.SelectMany(path => path.Corners),
        .. Circles.SelectMany(
            circle
            => new[] { new PlanPoint(circle.Middle.X - circle.Radius, circle.Middle.Y - circle.Radius),
            new PlanPoint(circle.Middle.X + circle.Radius, circle.Middle.Y + circle.Radius) }),
    ]);

    /// <summary>As it has to be laid on the far side: left and right changed about the middle of the sheet.</summary>
    public PlanSheet Mirrored()
    {
        var axis = 2 * Bounds.Middle.X;
        PlanPoint Mirror(PlanPoint at) => new(axis - at.X, at.Y);
        return this with
        {
            Title = Title + ", mirrored for the far side",
            Paths = [.. Paths.Select(path => path with { Corners = [.. path.Corners.Select(Mirror)] })],
            Circles = [.. Circles.Select(circle => circle with { Middle = Mirror(circle.Middle) })],
            Labels = [.. Labels.Select(label => label with { At = Mirror(label.At) })],
        };
    }
}
