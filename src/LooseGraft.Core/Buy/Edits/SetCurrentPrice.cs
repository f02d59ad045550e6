using System.Globalization;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says how long a day it is on, and what a kilowatt-hour costs.</summary>
/// <param name="HoursADay">Hours, 0 to 24; null where nobody says.</param>
/// <param name="Tariff">What a kilowatt-hour costs, in the graft's currency; null where nobody says.</param>
public sealed record SetCurrentPrice(decimal? HoursADay, decimal? Tariff) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(worth => worth with { HoursADay = HoursADay, Tariff = Tariff });

    public override string Words(Graft graft) => $"Electricity: {Said(graft, HoursADay, Tariff)}";

    public override string Standing(Graft graft) => Said(graft, graft.Buying.Worth.HoursADay, graft.Buying.Worth.Tariff);

    private static string Said(Graft graft, decimal? hours, decimal? tariff)
        => (hours is { } daily ? string.Create(CultureInfo.InvariantCulture, $"{daily:0.##} h a day") : "nobody says how long a day")
            + (tariff is { } price ? string.Create(CultureInfo.InvariantCulture, $", {price:0.####} {graft.Currency} a kilowatt-hour") : ", no tariff said");
}
