using System.Globalization;

namespace LooseGraft.Core.Seat.Clashes;

/// <summary>A move in millimetres.</summary>
/// <param name="X">To the right.</param>
/// <param name="Y">To the front.</param>
/// <param name="Up">Upwards.</param>
public readonly record struct ClashMove(double X, double Y, double Up)
{
    /// <summary>For example <c>3.2 mm to the left</c>.</summary>
    public override string ToString()
    {
        var parts = new List<string>();
        Add(parts, X, "to the right", "to the left");
        Add(parts, Y, "to the front", "to the rear");
        Add(parts, Up, "up", "down");
        return parts.Count == 0 ? "nowhere" : string.Join(" and ", parts);
    }

    private static void Add(List<string> parts, double amount, string positive, string negative)
    {
        if (Math.Abs(amount) >= 0.05) parts.Add(string.Create(CultureInfo.InvariantCulture, $"{Math.Abs(amount):0.0} mm {(amount > 0 ? positive : negative)}"));
    }
}
