using System.Globalization;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>A place on a header for a plug as it is: each of its positions lies on one of the header's.</summary>
/// <param name="TurnDegrees">How far the plug is turned: 0, 90, 180 or 270 degrees.</param>
/// <param name="On">The header's positions, in the order of the plug's.</param>
public sealed record PlugPlace(int TurnDegrees, ValueList<int> On)
{
    // More positions than these are no help to a reader: where the first lies, and how it is turned, says it all.
    private const int MostNamed = 4;

    /// <summary>The header's position on which position 1 of the plug lies.</summary>
    public int PinOneOn => On[0];

    /// <summary>The place as a builder says it: <c>on 6 and 8</c>.</summary>
    public string Words => On switch
    {
        [var only] => $"on {only}",
        { Length: <= MostNamed } => $"on {string.Join(", ", On.Take(On.Length - 1))} and {On[^1]}",
        _ => string.Create(CultureInfo.InvariantCulture, $"with position 1 on {PinOneOn}{(TurnDegrees == 0 ? "" : $", turned {TurnDegrees}°")}"),
    };
}
