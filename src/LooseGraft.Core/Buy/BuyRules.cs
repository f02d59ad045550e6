using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Buy;

/// <summary>The rules of Buy: what is needed, from whom, and what it comes to.</summary>
internal static class BuyRules
{
    internal static readonly Rule OverBudget = Rule("BUY-001", Severity.Check, "the graft costs more than the budget");
    internal static readonly Rule NoSource = Rule("BUY-002", Severity.Check, "what is needed has no source");
    internal static readonly Rule OfferOld = Rule("BUY-003", Severity.Check, "a chosen offer was seen more than 30 days ago");
    internal static readonly Rule NoRate = Rule("BUY-004", Severity.Fix, "a chosen offer is in a currency without a rate");
    internal static readonly Rule ServesNothing = Rule("BUY-005", Severity.Fix, "an adapter that is bought fits no joint of the graft");
    internal static readonly Rule LiesInBin = Rule("BUY-006", Severity.Check, "what is bought lies free in the bin");
    internal static readonly Rule NoReturns = Rule("BUY-007", Severity.Check, "a part whose fit is unproven cannot be sent back");
    internal static readonly Rule PostageHeavy = Rule("BUY-008", Severity.Note, "a seller's postage is more than the goods");
    internal static readonly Rule PriceOdd = Rule("BUY-009", Severity.Check, "a price that cannot be");
    internal static readonly Rule NotNeeded = Rule("BUY-010", Severity.Note, "more is bought than is needed");
    internal static readonly Rule Late = Rule("BUY-011", Severity.Check, "a parcel may come after the wished day");
    internal static readonly Rule SoldOut = Rule("BUY-012", Severity.Fix, "more packs are chosen than there are");
    internal static readonly Rule OrderedIdle = Rule("BUY-013", Severity.Fix, "what was ordered for a joint that has since changed");
    internal static readonly Rule CameWrong = Rule("BUY-014", Severity.Fix, "what was ordered came wrong, or never");
    internal static readonly Rule Overdue = Rule("BUY-015", Severity.Check, "a parcel is late");
    internal static readonly Rule GambleTooDear = Rule("BUY-016", Severity.Check, "a gamble whose worst is beyond the budget");

    private static Rule Rule(string code, Severity severity, string title) => new(code, Stage.Buy, severity, title);
}
