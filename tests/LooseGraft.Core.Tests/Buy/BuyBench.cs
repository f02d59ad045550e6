using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Tests.Buy;

/// <summary>Small grafts for Buy: two nuts and screws to need, a seller who has them.</summary>
internal static class BuyBench
{
    /// <summary>The day and the bin by which the rules are tried: nuts lie in it.</summary>
    public static readonly Surroundings Around = new(new DateOnly(2026, 12, 1), [new OwnedThing("spare-nuts", "Spare nuts", Ware("nut M3"), 9)]);

    /// <summary>A ware as it is written.</summary>
    public static Ware Ware(string text) => WareText.Read(text) ?? throw new ArgumentException(text);

    /// <summary>A seller whose parcel costs 3 and who takes things back.</summary>
    public static Seller Shop(string id = "shop") => new(id, id, "EUR") { Postage = new Money(3), TakesBack = true, Days = new DaySpan(2, 5) };

    /// <summary>An offer of the shop at a price.</summary>
    public static Offer Offer(string id, decimal price, params OfferContent[] contents)
        => new(id, "shop", id, new Money(price)) { Contents = [.. contents], SeenOn = new DateOnly(2026, 11, 30) };

    /// <summary>So much of a ware in a pack.</summary>
    public static OfferContent Of(string ware, int count = 1) => new(Ware(ware), count);

    /// <summary>The same where the builder said that no power hangs on the needs that are told in words alone.</summary>
    public static Graft WithoutPower(this Graft graft) => graft.WithBuying(buying => buying with
    {
        NoPower =
        [
            .. buying.OwnNeeds.Select(own => new NoPower($"own {own.Id}", own.Ware.Word)),
            .. graft.Parts.Select(part => new NoPower($"for part {part.Id}", part.Name)),
        ],
    });

    /// <summary>A graft that needs what is written, each <c>3 × nut M3</c>, and nothing else.</summary>
    public static Graft Needing(params (string Ware, int Count)[] needs) => Graft.Empty("test") with
    {
        Budget = new Money(50),
        Buying = Buying.Empty with { OwnNeeds = [.. needs.Select((need, index) => new OwnNeed($"own-{index}", Ware(need.Ware), need.Count))] },
    };

    /// <summary>The same with offers of the shop, and packs of them in the basket.</summary>
    public static Graft With(this Graft graft, params (Offer Offer, int Packs)[] offers) => graft.WithBuying(buying => buying with
    {
        Sellers = buying.Sellers.IsEmpty ? [Shop()] : buying.Sellers,
        Offers = [.. buying.Offers, .. offers.Select(pair => pair.Offer)],
        Basket = [.. buying.Basket, .. offers.Where(pair => pair.Packs > 0).Select(pair => new BasketLine(pair.Offer.Id, pair.Packs))],
    });

    /// <summary>The same with one more seller of the shop's terms.</summary>
    public static Graft WithSeller(this Graft graft, string id) => graft.WithBuying(buying => buying with { Sellers = [.. buying.Sellers, Shop(id)] });

    /// <summary>The same with other terms of the shop.</summary>
    public static Graft Shop(this Graft graft, Func<Seller, Seller> change)
        => graft.WithBuying(buying => buying with { Sellers = [.. buying.Sellers.Select(change)] });

    /// <summary>The same after all that is in its basket was ordered so many days before the first of December.</summary>
    public static Graft Ordered(this Graft graft, int daysAgo = 1)
    {
        var sack = Core.Review.Of(graft).Buy.Basket.Value.Sacks.Single();
        var order = Core.Buy.Orders.Ordering.Of(sack, Around.Today!.Value.AddDays(-daysAgo), "7")!;
        return new Core.Buy.Edits.PlaceOrder(order).Apply(graft) with
        {
            Records = [new BenchRecord("order", DateTimeOffset.UnixEpoch, RecordKind.Order, "ordered") { Order = order }],
        };
    }

    /// <summary>The same after so many packs of its one line came right and wrong, sorted into parts and the bin.</summary>
    public static Graft Came(this Graft graft, int right, int wrong = 0, bool isLast = false, decimal back = 0)
    {
        var review = Core.Review.Of(graft).Buy;
        var arrival = new Arrival("order", Around.Today!.Value, [new ArrivedLine(0, right, wrong)]) { IsLast = isLast, Back = new Money(back) };
        var came = Core.Buy.Orders.Ordering.Sorted(review, graft, arrival);
        var record = new BenchRecord($"arrival-{graft.Records.Length}", DateTimeOffset.UnixEpoch, RecordKind.Arrival, "came") { Arrival = came };
        return new Core.Buy.Edits.TakeIn(review.Orders.Find("order")!.Order, came).Apply(graft) with { Records = [.. graft.Records, record] };
    }

    /// <summary>A joint whose two ends differ and that goes through an adapter.</summary>
    public static Graft ThroughAdapter()
        => Bench.Joined(Bench.Header("+5 V,ground"), Bench.Plug("ground,+5 V"), JointMethod.Adapter, (1, 2), (2, 1));

    /// <summary>What Buy concludes, on the day and with the bin of <see cref="Around"/>.</summary>
    public static Core.Buy.BuyReview Review(Graft graft) => Core.Review.Of(graft).SeenFrom(Around).Buy;

    /// <summary>What could be bought for the whole graft.</summary>
    public static GraftChoice Choices(Graft graft, Surroundings? around = null)
    {
        var review = Core.Review.Of(graft).SeenFrom(around ?? Surroundings.None);
        return GraftChoice.Of(review.Graft, review, new ReviewWork(TestContext.Current.CancellationToken));
    }

    /// <summary>A demo graft, by the name of its file.</summary>
    public static Graft Demo(string name) => GraftFile.Read(File.ReadAllBytes(DemoPath(name))).Graft!;

    /// <summary>Where that file lies.</summary>
    public static string DemoPath(string name) => Path.Combine(House.Root.Folder("demo"), name + ".json");
}
