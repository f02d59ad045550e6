using System.Globalization;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says what one of another currency is worth.</summary>
/// <param name="Currency">The other currency.</param>
/// <param name="Worth">What one of it is worth in the graft's; null where nobody says any more.</param>
/// <param name="On">The day of that rate.</param>
public sealed record SetRate(string Currency, decimal? Worth, DateOnly On) : GraftEdit
{
    public override Graft Apply(Graft graft) => Currency == graft.Currency ? graft : graft.WithBuying(buying => buying with
    {
        Rates = Worth is { } worth ? buying.Rates.With(new ExchangeRate(Currency, worth, On), rate => rate.Currency == Currency)
            : buying.Rates.RemoveAll(rate => rate.Currency == Currency),
    });

    public override string Words(Graft graft) => Said(graft, Worth, On);

    public override string Standing(Graft graft)
        => graft.Buying.Rates.FirstOrDefault(rate => rate.Currency == Currency) is { } rate ? Said(graft, rate.Worth, rate.On) : Said(graft, null, On);

    private string Said(Graft graft, decimal? worth, DateOnly on) => worth is { } figure
        ? string.Create(CultureInfo.InvariantCulture, $"1 {Currency} is worth {figure} {graft.Currency} on {on:yyyy-MM-dd}") : $"no rate for {Currency}";
}
