using System.Text;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Files;
using LooseGraft.Data.Offers;
using LooseGraft.Data.Tables;

namespace LooseGraft.Web.Tests;

/// <summary>Offers come in as a table, whole or not at all, and what is wrong is told line by line.</summary>
public sealed class OfferTableTests
{
    private static readonly Graft Known = Graft.Empty("test").WithBuying(buying => buying with
    {
        Sellers = [new Seller("corner", "Corner shop", "CHF") { Postage = new Money(7), TakesBack = true }],
    });

    private static (OfferSheet? Sheet, IReadOnlyList<string> Errors) Read(string text, Graft? graft = null)
        => OfferTable.Read(CsvTable.Read(text), graft ?? Graft.Empty("test"));

    [Fact]
    public void Every_column_is_read_and_written_back_the_same()
    {
        var (sheet, errors) = Read("""
            seller,what,price,contents,currency,postage,free from,tax percent,days from,days to,takes back,condition,fit,seen on,stock,note
            Far shop,Kit,"3,60",10 × screw M3 6 mm + nut M3,USD,6,25.00,19,14,30,no,works,never-tried,2026-10-18,2,by the kilo
            Far shop,Nuts,1,5 x nut M3,USD,6,25,19 %,14,30,no,new,makers list,,,
            """);
        Assert.Empty(errors);
        var seller = Assert.Single(sheet!.Sellers);
        Assert.Equal(("far-shop", "USD", new Money(6), new Money(25), 19m, new DaySpan(14, 30), false),
            (seller.Id, seller.Currency, seller.Postage, seller.FreeFrom!.Value, seller.TaxPercent, seller.Days!.Value, seller.TakesBack!.Value));
        Assert.Equal((new Money(3.60m), WareCondition.Works, FitWord.NeverTried, 2, 11, new DateOnly(2026, 10, 18)),
            (sheet.Offers[0].Price, sheet.Offers[0].Condition, sheet.Offers[0].Fit, sheet.Offers[0].Stock!.Value,
                sheet.Offers[0].Contents.Sum(content => content.Count), sheet.Offers[0].SeenOn!.Value));
        Assert.Equal((FitWord.MakersList, OfferTraits.None), (sheet.Offers[1].Fit, sheet.Offers[1].Traits));
        var graft = new BringOffers(sheet.Sellers, sheet.Offers).Apply(Graft.Empty("test"));
        var again = OfferTable.Read(CsvTable.Read(OfferTable.Write(graft)), Graft.Empty("test")).Sheet!;
        Assert.Equal(graft.Buying.Offers, new BringOffers(again.Sellers, again.Offers).Apply(Graft.Empty("test")).Buying.Offers);
        Assert.Equal(graft.Buying.Sellers, again.Sellers);
        var document = OfferFile.Read(OfferFile.Write(new OfferSheet(graft.Buying.Sellers, graft.Buying.Offers)));
        Assert.Equal((graft.Buying.Sellers, graft.Buying.Offers), (document.Sheet!.Sellers, document.Sheet.Offers));
    }

    [Fact]
    public void What_an_offer_is_beyond_its_price_is_read_and_written_back_the_same()
    {
        var sheet = Read("""
            seller,what,price,warranty years,noise db,depth mm,total watts,efficiency,plugs
            Far shop,Supply,40,2.5,31,140,300,gold,"2 × drive power, 400 mm"
            """).Sheet!;
        Assert.Equal((2.5m, 31m, 140, 300, EfficiencyClass.Gold, 2), sheet.Offers[0].Traits is var traits
            ? (traits.WarrantyYears, traits.Noise, traits.Depth!.Value.Value, traits.Total!.Value.Value, traits.Class, traits.Plugs[0].Count) : default);
        var graft = new BringOffers(sheet.Sellers, sheet.Offers).Apply(Graft.Empty("test"));
        Assert.Equal(sheet.Offers[0].Traits, OfferTable.Read(CsvTable.Read(OfferTable.Write(graft)), Graft.Empty("test")).Sheet!.Offers[0].Traits);
        var document = OfferFile.Write(new OfferSheet(graft.Buying.Sellers, graft.Buying.Offers));
        Assert.Equal(sheet.Offers[0].Traits, OfferFile.Read(document).Sheet!.Offers[0].Traits);
    }

    [Fact]
    public void A_seller_that_is_known_by_its_name_keeps_what_no_column_says()
    {
        var sheet = Read("seller,what,price\ncorner SHOP,Nuts,2", Known).Sheet!;
        Assert.Equal(Known.Buying.Sellers[0], Assert.Single(sheet.Sellers));
        Assert.Equal("corner", sheet.Offers[0].Seller);
    }

    [Theory]
    [InlineData("seller,price\nA,1", "Line 1: the column “what” is missing")]
    [InlineData("seller,what,price,colour\nA,b,1,red", "Line 1: there is no column “colour”")]
    [InlineData("seller,what,price,price\nA,b,1,2", "Line 1: the column “price” stands twice")]
    [InlineData("seller,what,price\n,b,1", "Line 2: there is no seller")]
    [InlineData("seller,what,price\nA,,1", "Line 2: the offer has no name")]
    [InlineData("seller,what,price\nA,b,", "Line 2: there is no price")]
    [InlineData("seller,what,price,warranty years\nA,b,1,101", "Line 2: the warranty years “101” is no figure from 0 to 100")]
    [InlineData("seller,what,price,depth mm\nA,b,1,0", "Line 2: nothing is 0 mm deep")]
    [InlineData("seller,what,price,depth mm\nA,b,1,1e309", "Line 2: the depth mm “1e309” is no figure")]
    [InlineData("seller,what,price,efficiency\nA,b,1,lead", "Line 2: “lead” will not do for efficiency")]
    [InlineData("seller,what,price,plugs\nA,b,1,a sock", "Line 2: “a sock” is no kind of plug")]
    [InlineData("seller,what,price\nA,b,-3", "Line 2: the price “-3” is negative")]
    [InlineData("seller,what,price\nA,b,NaN", "Line 2: the price “NaN” is not an amount")]
    [InlineData("seller,what,price\nA,b,1e309", "Line 2: the price “1e309” is not an amount")]
    [InlineData("seller,what,price\nA,b,1000000.01", "Line 2: the price “1000000.01” is beyond anything")]
    [InlineData("seller,what,price\nA,b,0.001", "Line 2: the price “0.001” has more than two decimals")]
    [InlineData("seller,what,price,currency\nA,b,1,euros", "Line 2: “EUROS” is no currency code")]
    [InlineData("seller,what,price,contents\nA,b,1,3 bolts", "Line 2: “3 bolts” says no sort of thing")]
    [InlineData("seller,what,price,contents\nA,b,1,0 × nut M3", "Line 2: “0 × nut M3” counts beyond")]
    [InlineData("seller,what,price,days from,days to\nA,b,1,9,3", "Line 2: 9 days at least and 3 at most")]
    [InlineData("seller,what,price,days to\nA,b,1,366", "Line 2: “366” is no whole number from 0 to 365")]
    [InlineData("seller,what,price,takes back\nA,b,1,perhaps", "Line 2: “perhaps” is neither yes nor no")]
    [InlineData("seller,what,price,tax percent\nA,b,1,201", "Line 2: the tax percent “201” is no figure")]
    [InlineData("seller,what,price,seen on\nA,b,1,18.10.2026", "Line 2: “18.10.2026” is no day")]
    [InlineData("seller,what,price,fit\nA,b,1,surely", "Line 2: “surely” will not do for fit")]
    [InlineData("seller,what,price,postage\nA,b,1,3\nA,c,1,4", "Line 3: A has other terms here than in line 2")]
    public void What_is_wrong_is_told_with_its_line_and_nothing_comes_in(string text, string error)
    {
        var (sheet, errors) = Read(text);
        Assert.Null(sheet);
        Assert.StartsWith(error, Assert.Single(errors));
    }

    [Fact]
    public void As_many_as_a_graft_keeps_come_in_and_one_more_is_told()
    {
        static string Table(int rows) => "seller,what,price\n" + string.Concat(Enumerable.Range(1, rows).Select(row => $"Shop,Thing {row},1.00\n"));
        Assert.Equal(GraftFileLimits.Offers, Read(Table(GraftFileLimits.Offers)).Sheet!.Offers.Length);
        Assert.StartsWith($"{GraftFileLimits.Offers + 1} offers", Assert.Single(Read(Table(GraftFileLimits.Offers + 1)).Errors));
        Assert.StartsWith("10000 offers", Assert.Single(Read(Table(10_000)).Errors));
    }

    [Fact]
    public void Only_so_many_errors_are_told_at_once()
        => Assert.Equal(OfferTable.ErrorsTold, Read("seller,what,price\n" + string.Concat(Enumerable.Repeat("A,b,none\n", 80))).Errors.Count);

    [Theory]
    [InlineData("{\"format\":\"loose-graft-offers\",\"formatVersion\":3,\"offers\":[{\"id\":\"a\",\"seller\":\"b\",\"what\":\"c\",\"price\":1}]}", "$.offers[0].seller")]
    [InlineData("{\"format\":\"loose-graft-offers\",\"formatVersion\":3,\"sellers\":[{\"id\":\"b\",\"name\":\"b\",\"currency\":\"EUR\",\"postage\":-1}]}", "$.sellers[0].postage")]
    [InlineData("{\"format\":\"loose-graft\",\"formatVersion\":3}", "$.format")]
    [InlineData("{", "line 1")]
    public void A_document_is_read_as_strictly_as_a_graft_file(string text, string path)
    {
        var (sheet, errors) = OfferFile.Read(Encoding.UTF8.GetBytes(text));
        Assert.Null(sheet);
        Assert.StartsWith(path, errors[0].Path);
    }
}
