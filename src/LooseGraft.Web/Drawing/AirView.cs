using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Model;

namespace LooseGraft.Web.Drawing;

/// <summary>One space as it is seen from above its base or from the side, in millimetres to the right and down.</summary>
/// <param name="Space">The space.</param>
/// <param name="IsFromSide">Whether it is seen from the side, with what is up at the top.</param>
public sealed record AirView(CoolSpace Space, bool IsFromSide)
{
    // What nobody measured is drawn as a box of this size, broken.
    private const double UnknownMm = 160;

    private PlanRectangle Base => Space.Base.Width > 0 ? Space.Base : new PlanRectangle(0, 0, UnknownMm, UnknownMm);

    private double Tall => Space.Size?.Height.Value ?? UnknownMm;

    private bool IsUpright => Space.Top != ShellTop.Lid;

    /// <summary>Whether its size is known as far as this view shows it.</summary>
    public bool IsSized => IsFromSide ? Space.Size is not null : Space.Base.Width > 0;

    /// <summary>From left to right.</summary>
    public double Width => IsFromSide && IsUpright ? Tall : Base.Width;

    /// <summary>From top to bottom.</summary>
    public double Height => !IsFromSide ? Base.Depth : Space.Top switch
    {
        ShellTop.Lid => Tall,
        ShellTop.Left or ShellTop.Right => Base.Width,
        _ => Base.Depth,
    };

    /// <summary>Where a place of the space is seen.</summary>
    /// <param name="x">From left to right over the base.</param>
    /// <param name="y">From its rear edge to the front.</param>
    /// <param name="z">Above it.</param>
    public (double X, double Y) At(double x, double y, double z)
    {
        var (fromLeft, fromRear) = (x - Base.X, y - Base.Y);
        if (!IsFromSide) return (fromLeft, Base.Depth - fromRear);
        return Space.Top switch
        {
            ShellTop.Lid => (fromLeft, Tall - z),
            ShellTop.Rear => (z, fromRear),
            ShellTop.Front => (z, Base.Depth - fromRear),
            ShellTop.Left => (z, fromLeft),
            _ => (z, Base.Width - fromLeft),
        };
    }

    /// <summary>Where something so high above what the shell stands on is seen, at its right side.</summary>
    public (double X, double Y) AtHeight(double millimetres) => (Width, Math.Clamp(Height - millimetres, 0, Height));

    /// <summary>Where something in a wall is seen of which only its height is known.</summary>
    /// <param name="wall">The wall.</param>
    /// <param name="up">How high it lies above what the shell stands on, in millimetres.</param>
    /// <param name="along">How far along the wall it is drawn, 0 to 1.</param>
    public (double X, double Y) OnWall(PlaneWall wall, double up, double along)
    {
        var isAcross = wall is PlaneWall.Left or PlaneWall.Right;
        var x = Base.X + (Base.Width * (isAcross ? 0.5 : along));
        var y = Base.Y + (Base.Depth * (isAcross ? along : 0.5));
        var z = Tall / 2;
        switch (Space.Top)
        {
            case ShellTop.Lid: z = Math.Clamp(up, 0, Tall); break;
            case ShellTop.Rear: y = Base.Y + Math.Clamp(Base.Depth - up, 0, Base.Depth); break;
            case ShellTop.Front: y = Base.Y + Math.Clamp(up, 0, Base.Depth); break;
            case ShellTop.Left: x = Base.X + Math.Clamp(Base.Width - up, 0, Base.Width); break;
            default: x = Base.X + Math.Clamp(up, 0, Base.Width); break;
        }

        return wall switch
        {
            PlaneWall.Rear => At(x, Base.Y, z),
            PlaneWall.Front => At(x, Base.Y + Base.Depth, z),
            PlaneWall.Left => At(Base.X, y, z),
            PlaneWall.Right => At(Base.X + Base.Width, y, z),
            _ => At(x, y, 0),
        };
    }

    /// <summary>The side of the space that is nearest to the eye.</summary>
    /// <remarks>What is to the right and what is up decide it: x leads to the right, y from the rear to the front, z up from the base.</remarks>
    public PlaneWall? Near => !IsFromSide ? null : Space.Top switch
    {
        ShellTop.Lid or ShellTop.Left => PlaneWall.Rear,
        ShellTop.Right => PlaneWall.Front,
        ShellTop.Rear => PlaneWall.Right,
        _ => PlaneWall.Left,
    };

    /// <summary>Which way out through a wall is seen: one step to the right and down; none for what leads away from or towards the eye.</summary>
    public (double X, double Y) Outward(PlaneWall wall)
    {
        var (x, y, z) = wall switch
        {
            PlaneWall.Rear => (0, -1, 0),
            PlaneWall.Front => (0, 1, 0),
            PlaneWall.Left => (-1, 0, 0),
            PlaneWall.Right => (1, 0, 0),
            _ => (0, 0, -1),
        };
        var (from, to) = (At(Base.X, Base.Y, 0), At(Base.X + x, Base.Y + y, z));
        return (to.X - from.X, to.Y - from.Y);
    }
}
