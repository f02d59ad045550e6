using System.Net;
using System.Text.RegularExpressions;

namespace LooseGraft.Web.Tests;

/// <summary>The choices for a whole graft, from four cards to one that is taken.</summary>
public sealed partial class ChoicePageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Four_cards_stand_above_the_needs_and_one_is_taken_and_taken_back_whole()
    {
        var desk = await host.GraftAsync(3);
        var id = await host.StoreAsync(store => store.AddAsync(desk, Cancellation));
        var (before, browser) = (await host.GraftAsync(id), host.Browser());
        var text = await ShownAsync(browser, $"/graft/{id}/buy");
        Assert.Equal(["Cheapest", "Soonest", "Leaves most whole", "Least at the bench"], Names().Matches(text).Select(match => match.Groups[1].Value));
        Assert.Contains("2.00 mm terminals", text);
        await browser.SubmitAsync($"/graft/{id}/buy", "TakeSet", 1, ("set", Keys().Matches(text)[1].Groups[1].Value));
        var taken = await host.GraftAsync(id);
        Assert.Equal(JointMethod.Repin, taken.Joints.Single(joint => joint.Id == "processor").Method);
        Assert.Contains("the choice “Soonest”", taken.Joints.Single(joint => joint.Id == "processor").Reason, StringComparison.Ordinal);
        Assert.Contains(taken.Buying.Basket, line => line.Offer == "maker-adapter");
        Assert.DoesNotContain(taken.Buying.Basket, line => line.Offer == "used-adapter");
        Assert.Contains(taken.Buying.FromBin, take => take.Claim.Entry == "2-00-mm-terminals");
        text = await ShownAsync(browser, $"/graft/{id}/buy");
        Assert.Single(Stands().Matches(text));
        await host.StoreAsync(store => store.UndoAsync(id, 2, Cancellation));
        Assert.Equal(before, await host.GraftAsync(id));
    }

    [Fact]
    public async Task A_choice_that_is_none_any_more_is_not_taken()
    {
        var answer = await host.Browser().SubmitAsync("/graft/3/buy", "TakeSet", 1, ("set", "1-2-3-4"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("This choice is not offered any more", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task All_choices_are_a_picture_and_a_table_and_the_one_asked_for_is_told_joint_by_joint()
    {
        var browser = host.Browser();
        var text = await ShownAsync(browser, "/graft/3/buy/choices");
        var marks = Marks().Matches(text).Select(match => match.Groups[1].Value).ToArray();
        Assert.Equal(5, marks.Length);
        text = await ShownAsync(browser, $"/graft/3/buy/choices?set={marks[^1]}");
        Assert.Matches("aria-current=\"true\">Least at the bench", text);
        Assert.Contains("switch plug on front block</a>: an adapter made for exactly this model", text);
        Assert.Contains("front fan plug on fan lead's header</a>: as it stands, straight", text);
        text = await UntilAsync(browser, "/graft/3/buy/choices", page => page.Contains("So much less", StringComparison.Ordinal));
        Assert.Contains(">Main plug on main power</a>: <b class=\"figure\">14 EUR</b> and 1 parcel", text);
        // A fuse is not to be saved.
        Assert.DoesNotContain("Inline fuse with its holder", text[text.IndexOf("So much less", StringComparison.Ordinal)..]);
    }

    [Fact]
    public async Task Where_nothing_is_offered_the_first_step_is_named()
    {
        using var bare = BenchHost.On(null, ("DEMO", "none"));
        var id = await bare.StoreAsync(store => store.AddAsync(Graft.Empty("bare"), Cancellation));
        var text = await BenchHost.TextAsync(await bare.Browser().GetAsync($"/graft/{id}/buy", Cancellation));
        Assert.Contains("and here stand the cheapest choice, the soonest, the one that leaves most whole", text);
        Assert.DoesNotContain("being weighed", text);
    }

    [Fact]
    public async Task Before_anything_is_offered_it_is_told_what_each_way_of_an_open_joint_would_take()
    {
        using var bare = BenchHost.On(null, ("DEMO", "none"));
        var desk = await host.GraftAsync(3);
        var id = await bare.StoreAsync(store => store.AddAsync(desk with { Buying = Buying.Empty }, Cancellation));
        var browser = bare.Browser();
        var text = await UntilAsync(browser, $"/graft/{id}/buy", page => page.Contains("what each would take", StringComparison.Ordinal));
        Assert.Matches("[0-9]+ joints could be made in several ways", text);
        text = await UntilAsync(browser, $"/graft/{id}/buy/choices", page => page.Contains("would take</h3>", StringComparison.Ordinal));
        Assert.DoesNotContain("Take this one", text);
        Assert.Contains("Move the terminals in the shell's own housing", text);
        await browser.SubmitAsync($"/graft/{id}/buy/choices", "Own", 1, ("key", "tool terminal tool or slim blade"));
        Assert.Equal(NeedMarking.There, Assert.Single((await bare.GraftAsync(id)).Buying.Marks).Marking);
        var refused = await browser.SubmitAsync($"/graft/{id}/buy/choices", "Own", 2, ("key", "tool terminal tool or slim blade"));
        Assert.Contains("No way of an open joint needs that any more", await BenchHost.TextAsync(refused));
        var thing = Regex.Match(text, "href=\"([^\"]*thing=for%20joint%20main-power)#write\"").Groups[1].Value;
        text = await BenchHost.TextAsync(await browser.GetAsync(thing, Cancellation));
        Assert.Contains("An offer of go-between for main plug on main power", text);
        Assert.Contains("value=\"for joint main-power\"", text);
    }

    [Fact]
    public async Task What_takes_long_says_how_far_it_is_can_be_stopped_and_begun_again()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Heavy(), Cancellation));
        var (page, browser) = ($"/graft/{id}/buy", host.Browser());
        var text = await UntilAsync(browser, page, each => each.Contains(" of 256", StringComparison.Ordinal));
        Assert.Contains("hx-trigger=\"every 1s\"", text);
        Assert.Contains("What is needed", text);
        await browser.SubmitAsync(page, "StopWeighing", 1);
        Assert.Contains("somebody stopped it", await browser.GetStringAsync(page, Cancellation));
        await browser.SubmitAsync(page, "Weigh", 1);
        Assert.Contains("being weighed", await browser.GetStringAsync(page, Cancellation));
        await browser.SubmitAsync(page, "StopWeighing", 1);
    }

    // Eight sellers of kits that overlap, each sent for nothing from some worth on.
    private static Graft Heavy()
    {
        var random = new Random(8);
        return Graft.Empty("heavy") with
        {
            Buying = Buying.Empty with
            {
                OwnNeeds = [.. Enumerable.Range(0, 24).Select(at => new OwnNeed($"n{at}", Thing(at), random.Next(2, 9)))],
                Sellers = [.. Enumerable.Range(0, 8).Select(at => new Seller($"s{at}", $"Shop {at}", "EUR")
                    { Postage = new Money(3 + at), FreeFrom = new Money(20 + at), Days = new DaySpan(1, 2 + at) })],
                Offers = [.. Enumerable.Range(0, 160).Select(at => new Offer($"o{at}", $"s{at % 8}", $"Kit {at}", new Money(random.Next(50, 900) / 100m))
                    { Contents = [.. Some().Select(need => new OfferContent(Thing(need), random.Next(1, 4)))] })],
            },
        };

        IEnumerable<int> Some() => Enumerable.Range(0, 24).OrderBy(_ => random.Next()).Take(3);

        static Ware Thing(int at) => WareText.Read($"tie {100 + at} mm")!;
    }

    private static Task<string> ShownAsync(HttpClient browser, string page)
        => UntilAsync(browser, page, text => Known().IsMatch(text));

    private static Task<string> UntilAsync(HttpClient browser, string page, Func<string, bool> isMeant)
        => BenchHost.UntilAsync(async () => await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation)), isMeant);

    [GeneratedRegex("<article class=\"choice-card[^\"]*\" aria-label=\"([^\"]+)\"")]
    private static partial Regex Names();

    [GeneratedRegex("name=\"set\" value=\"([^\"]+)\"")]
    private static partial Regex Keys();

    [GeneratedRegex("that nothing beats|beaten by nothing")]
    private static partial Regex Known();

    [GeneratedRegex("So it stands")]
    private static partial Regex Stands();

    [GeneratedRegex("id=\"mark-([^\"]+)\"")]
    private static partial Regex Marks();
}
