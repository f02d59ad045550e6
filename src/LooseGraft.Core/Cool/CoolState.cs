namespace LooseGraft.Core.Cool;

/// <summary>How everything stands when nothing changes any more.</summary>
/// <param name="Room">The room, in degrees Celsius.</param>
/// <param name="Spaces">The air of each space, in degrees Celsius.</param>
/// <param name="Spots">Each thing that has a limit, in degrees Celsius; not a number where nobody knows its watts.</param>
/// <param name="Ways">Flow along each way from start to end, all its fans together, in cubic metres per second.</param>
/// <param name="Fans">Flow through each fan the way that it blows; negative where it is overcome; 0 for one that only stirs.</param>
/// <param name="Speeds">Share of its full speed at which each fan turns.</param>
public sealed record CoolState(double Room, double[] Spaces, double[] Spots, double[] Ways, double[] Fans, double[] Speeds)
{
    /// <summary>Air that each intake draws in again, as kelvins above the room, by way; 0 for what does not take in.</summary>
    public required double[] DrawnAgain { get; init; }

    /// <summary>Air that goes through each space, with half of what fans stir in it, in litres per second.</summary>
    public required double[] Through { get; init; }

    /// <summary>Watts that go in, and those that walls and air carry out.</summary>
    public required (double In, double Out) Energy { get; init; }

    /// <summary>The most air that goes into a space and does not come out, in cubic metres per second.</summary>
    public required double Residual { get; init; }

    /// <summary>Whether it came to rest.</summary>
    public required bool IsSettled { get; init; }

    /// <summary>How far the other state in which it may rest as well is from this one, in kelvins; 0 where there is none. This is the warmer.</summary>
    public double OtherState { get; init; }

    /// <summary>Pressures of the spaces, to start a near case from.</summary>
    internal double[] Pressures { get; init; } = [];
}
