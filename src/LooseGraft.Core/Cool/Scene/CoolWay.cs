using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>A way for air as it is computed.</summary>
/// <param name="Key">A way's id, or plane/opening.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="From">Index of the space that it starts from; -1 for the room.</param>
/// <param name="To">Index of the space that it leads to; -1 for the room.</param>
/// <param name="AreaM2">Its area, cover and all, in square metres.</param>
/// <param name="Cover">What is in it.</param>
/// <param name="Filter">The dust filter in it.</param>
/// <param name="HeightM">How high it lies above the lowest place of the shell, in metres.</param>
public sealed record CoolWay(string Key, string Name, int From, int To, double AreaM2, AirCover Cover, AirFilter Filter, double HeightM)
{
    /// <summary>Where its middle is in its space, in millimetres; null where nobody said.</summary>
    public (double X, double Y, double Z)? At { get; init; }

    /// <summary>The side of its space that it is in; null where nobody said.</summary>
    public PlaneWall? Wall { get; init; }

    /// <summary>Whether it is still to be cut.</summary>
    public bool IsToCut { get; init; }

    /// <summary>Index of its free share.</summary>
    internal int Share { get; init; }

    /// <summary>Whether it joins the shell with the room.</summary>
    public bool IsToRoom => From < 0 || To < 0;

    /// <summary>The space on its inner side, for one to the room.</summary>
    public int Inside => From < 0 ? To : From;
}
