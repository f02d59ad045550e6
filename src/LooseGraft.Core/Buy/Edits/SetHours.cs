using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says how long a graft takes, and what an hour is worth.</summary>
/// <param name="Done">Hours until now; null where nobody counted.</param>
/// <param name="ToCome">Hours still to come; null where nobody guessed.</param>
/// <param name="Rate">What an hour is worth, in the graft's currency; null for a pleasure.</param>
public sealed record SetHours(decimal? Done, decimal? ToCome, Money? Rate) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(worth => worth with { HoursDone = Done, HoursToCome = ToCome, HourRate = Rate });

    public override string Words(Graft graft) => $"Hours: {Said(graft, Done, ToCome, Rate)}";

    public override string Standing(Graft graft)
        => Said(graft, graft.Buying.Worth.HoursDone, graft.Buying.Worth.HoursToCome, graft.Buying.Worth.HourRate);

    private static string Said(Graft graft, decimal? done, decimal? coming, Money? rate)
        => $"{Figure(done)} until now, {Figure(coming)} to come, {(rate is { } each ? $"{each.In(graft.Currency)} each" : "a pleasure")}";

    private static string Figure(decimal? hours) => hours?.ToString("0.##", CultureInfo.InvariantCulture) ?? "none said";
}
