namespace LooseGraft.Core.Facts;

/// <summary>The outside of a usual supply.</summary>
/// <param name="Name">What its form is called; a standard's name where there is one.</param>
/// <param name="SizeMm">Width, height and depth, in millimetres; the depth varies from make to make.</param>
/// <param name="FanMm">Side of its fan in millimetres; null where it has none.</param>
public sealed record SupplyForm(string Name, IReadOnlyList<double> SizeMm, double? FanMm = null)
{
    // Below this a fan has to turn so fast that it is heard in any work (common practice).
    private const double SmallFanMm = 80;

    /// <summary>How deep it is, without plugs, in millimetres.</summary>
    public double DepthMm => SizeMm[2];

    /// <summary>How loud such a thing is, in words.</summary>
    public string Noise => FanMm switch
    {
        null => "no fan",
        < SmallFanMm => $"fan of {FanMm} mm: heard in any work",
        _ => $"fan of {FanMm} mm: quiet until it works hard",
    };
}
