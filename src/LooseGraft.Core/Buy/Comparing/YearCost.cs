using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Comparing;

/// <summary>What a supply takes at the wall in ordinary use, and what that comes to in a year.</summary>
/// <param name="Wall">What it takes, by what the parts take in ordinary use and by the class of its label.</param>
/// <param name="KilowattHours">What a year takes, by the likely figures.</param>
/// <param name="Low">What a year costs at the least, in the graft's currency, to the cent.</param>
/// <param name="Likely">What it costs by the likely figures.</param>
/// <param name="High">What it costs at the most.</param>
public sealed record YearCost(Spread<Watts> Wall, decimal KilowattHours, Money Low, Money Likely, Money High)
{
    private const int DaysOfYear = 365;

    /// <summary>The cost of a year.</summary>
    /// <param name="wall">What is taken at the wall.</param>
    /// <param name="hoursADay">How many hours a day, 0 to 24.</param>
    /// <param name="tariff">What a kilowatt-hour costs, in the graft's currency.</param>
    public static YearCost Of(Spread<Watts> wall, decimal hoursADay, decimal tariff)
    {
        return new YearCost(wall, decimal.Round(Hours(wall.Likely), 1), Cost(wall.Low), Cost(wall.Likely), Cost(wall.High));

        decimal Hours(Watts watts) => (decimal)watts.Value / 1000 * hoursADay * DaysOfYear;
        Money Cost(Watts watts) => new(decimal.Round(Hours(watts) * tariff, 2, MidpointRounding.AwayFromZero));
    }
}
