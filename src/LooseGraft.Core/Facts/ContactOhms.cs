namespace LooseGraft.Core.Facts;

/// <summary>What one mated contact resists, in ohms.</summary>
/// <param name="Least">A new one.</param>
/// <param name="Most">One that has been on and off for years but still holds.</param>
/// <remarks>Terminal makers' data sheets: 4.2 mm power terminals 5 to 10 mΩ, those of drive plugs and of 2.54 mm headers 10 to 30 mΩ. Of contacts side by
/// side in one plug one may have twice the resistance of another.</remarks>
public readonly record struct ContactOhms(double Least, double Most)
{
    /// <summary>How many times as much one contact of a plug may resist as the one beside it.</summary>
    public const double Uneven = 2;

    private const double PowerPitchMm = 4.2;

    /// <summary>Between the two.</summary>
    public double Usual => (Least + Most) / 2;

    /// <summary>Of a kind of connector.</summary>
    public static ContactOhms Of(ConnectorType type) => IsLarge(type) ? new(0.005, 0.010) : new(0.010, 0.030);

    /// <summary>Whether its contacts are the large terminals of power plugs, each crimped to a wire of its own; small ones are bridged in the plug.</summary>
    public static bool IsLarge(ConnectorType type) => type.Housing == Housing.Power && type.PitchMm >= PowerPitchMm;

    /// <summary>The largest share of their current that one of several contacts side by side takes, each at the end of a wire of its own.</summary>
    /// <remarks>The worst has the least resistance and all others the most: 1 / (1 + (n − 1) · Rmin / Rmax), the wire in both.</remarks>
    /// <param name="contacts">How many there are, 1 and more.</param>
    /// <param name="wireOhms">What each wire resists; 0 where it is not known.</param>
    public double WorstShare(int contacts, double wireOhms)
        => 1 / (1 + ((contacts - 1) * (wireOhms + Least) / (wireOhms + (Uneven * Least))));
}
