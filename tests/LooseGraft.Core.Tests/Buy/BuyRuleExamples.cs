using static LooseGraft.Core.Tests.Buy.BuyBench;

namespace LooseGraft.Core.Tests.Buy;

/// <summary>For every rule of Buy a graft that fires it and a near one that does not.</summary>
internal static class BuyRuleExamples
{
    public static IEnumerable<KeyValuePair<string, (Graft Fires, Graft Quiet)>> All => new Dictionary<string, (Graft, Graft)>
    {
        ["BUY-001"] = (Costing(21), Costing(20)),
        ["BUY-002"] = (Needing(("nut M3", 3)), Nuts(1)),
        ["BUY-003"] = (Seen(2026, 10, 31), Seen(2026, 11, 1)),
        ["BUY-004"] = (Dollars(), Dollars().WithBuying(buying => buying with { Rates = [new ExchangeRate("USD", 0.9m, new DateOnly(2026, 11, 30))] })),
        ["BUY-005"] = (Needing().With((Offer("lead", 4, Of("part adapter-drive")), 1)), Needing(("part adapter-drive", 1)).With((Offer("lead", 4, Of("part adapter-drive")), 1))),
        ["BUY-006"] = (Nuts(1), Needing(("nut M4", 3)).With((Offer("nuts", 1, Of("nut M4", 10)), 1))),
        ["BUY-007"] = (Adapter(FitWord.SellersWord, takesBack: false), Adapter(FitWord.SellersWord, takesBack: true)),
        ["BUY-008"] = (Nuts(1).Shop(shop => shop with { Postage = new Money(1.01m) }), Nuts(1).Shop(shop => shop with { Postage = new Money(1) })),
        ["BUY-009"] = (Priced(10.01m), Priced(10)),
        ["BUY-010"] = (Nuts(2), Nuts(1)),
        ["BUY-011"] = (Wished(5), Wished(6)),
        ["BUY-012"] = (Stocked(0), Stocked(1)),
        ["BUY-013"] = (Straight(Adapter(FitWord.SellersWord, takesBack: true).Ordered()), Adapter(FitWord.SellersWord, takesBack: true).Ordered()),
        ["BUY-014"] = (Nuts(1).Ordered().Came(0, wrong: 1), Nuts(1).Ordered().Came(1)),
        ["BUY-015"] = (Nuts(1).Ordered(daysAgo: 6), Nuts(1).Ordered(daysAgo: 5)),
        ["BUY-016"] = (Gamble(59.99m), Gamble(60)),
    };

    /// <summary>Three nuts needed, and a pack of ten at 1.00 chosen so often.</summary>
    private static Graft Nuts(int packs) => Needing(("nut M3", 3)).With((Offer("nuts", 1, Of("nut M3", 10)), packs));

    private static Graft Costing(decimal amount)
        => Graft.Empty("test") with { Budget = new Money(20), Parts = [new Part("part", "part", PartKind.Other) { Cost = new Money(amount) }] };

    private static Graft Seen(int year, int month, int day)
        => Needing(("nut M3", 3)).With((Offer("nuts", 1, Of("nut M3", 10)) with { SeenOn = new DateOnly(year, month, day) }, 1));

    // The joint was decided otherwise after the adapter was ordered.
    private static Graft Straight(Graft graft) => graft.WithJoint("joint", joint => joint with { Method = JointMethod.Splice });

    private static Graft Dollars() => Nuts(1).Shop(shop => shop with { Currency = "USD" });

    private static Graft Adapter(FitWord word, bool takesBack)
        => ThroughAdapter().With((Offer("made", 15, Of("for joint joint")) with { Fit = word }, 1)).Shop(shop => shop with { TakesBack = takesBack });

    // Ten nuts are usually 0.03 to 0.20 each: five times the most is 10.00 for ten.
    private static Graft Priced(decimal price) => Needing(("nut M3", 3)).With((Offer("nuts", price, Of("nut M3", 10)), 1));

    // On 1 December a parcel of at most five days is here on the sixth.
    private static Graft Wished(int day) => Nuts(1).WithBuying(buying => buying with { WishedBy = new DateOnly(2026, 12, day) });

    // 14 and 40, each with postage of 3.
    private static Graft Gamble(decimal budget)
        => Needing(("other processor", 1)).WithoutPower().With(
            (Offer("unlisted", 14, Of("other processor")), 1), (Offer("listed", 40, Of("other processor")) with { Fit = FitWord.MakersList }, 0))
            with
        { Budget = new Money(budget) };

    private static Graft Stocked(int stock) => Needing(("nut M3", 3)).With((Offer("nuts", 1, Of("nut M3", 10)) with { Stock = stock }, 1));
}
