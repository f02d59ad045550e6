using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says how long a graft takes, what an hour is worth, and what all that is here would fetch. Amounts are in the graft's currency.</summary>
/// <param name="Done">Hours until now; null where nobody counted.</param>
/// <param name="ToCome">Hours still to come; null where nobody guessed.</param>
/// <param name="Rate">What an hour is worth, null for a pleasure.</param>
/// <param name="AsItStands">What all that is here would fetch if it went no further; null where nobody says.</param>
public sealed record SetHours(decimal? Done, decimal? ToCome, Money? Rate, Money? AsItStands) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(
        worth => worth with { HoursDone = Done, HoursToCome = ToCome, HourRate = Rate, AsItStands = AsItStands });

    public override string Words(Graft graft) => $"Hours: {Said(graft, Done, ToCome, Rate, AsItStands)}";

    public override string Standing(Graft graft)
        => graft.Buying.Worth is var worth ? Said(graft, worth.HoursDone, worth.HoursToCome, worth.HourRate, worth.AsItStands) : "";

    private static string Said(Graft graft, decimal? done, decimal? coming, Money? rate, Money? stands)
        => $"{Figure(done)} until now, {Figure(coming)} to come, {(rate is { } each ? $"{each.In(graft.Currency)} each" : "a pleasure")}"
            + (stands is { } now ? $"; as it stands it fetches {now.In(graft.Currency)}" : "");

    private static string Figure(decimal? hours) => hours?.ToString("0.##", CultureInfo.InvariantCulture) ?? "none said";
}
