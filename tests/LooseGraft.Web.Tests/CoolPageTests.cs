using System.Net;

namespace LooseGraft.Web.Tests;

/// <summary>The page that says where the air goes and who gets too hot.</summary>
public sealed class CoolPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Of_a_shell_of_which_nothing_is_known_the_page_says_where_to_begin()
    {
        var page = await PageAsync(Graft.Empty("box"));
        Assert.Contains("Nothing is known of the shell yet", page);
        Assert.Contains("Draw its base and its openings for air on Seat", page);
    }

    [Fact]
    public async Task The_page_gives_temperatures_and_flows_for_each_kind_of_work()
    {
        var ferry = BenchHost.FerryAsync();
        var peak = await PageAsync(await ferry);
        Assert.Contains("processor of Ovrell KT-31 board", peak);
        Assert.Contains("beyond 95 °C, where it slows down", peak);
        Assert.Contains("low cooler with a fan", peak);
        Assert.Contains("loudspeaker cloth", peak);
        Assert.Contains("vent by the drive, still to be cut", peak);
        Assert.DoesNotContain("Nobody has said yet", peak);
        var idle = await PageAsync(await ferry, "?work=idle");
        Assert.Contains("How hot each thing gets at idle", idle);
        // What is none of the three is as if nothing was asked.
        Assert.Contains("How hot each thing gets at peak", await PageAsync(await ferry, "?work=sleep"));
    }

    [Fact]
    public async Task Before_anybody_has_told_the_air_anything_it_is_computed_and_not_judged()
    {
        var page = await PageAsync(await BenchHost.FerryAsync() with { Cooling = Cooling.Empty });
        Assert.Contains("Nobody has said yet what covers the openings", page);
        Assert.Contains("usual box cooler, assumed", page);
        Assert.DoesNotContain("The chance is", page);
    }

    private async Task<string> PageAsync(Graft graft, string query = "")
    {
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var answer = await host.Browser().GetAsync($"/graft/{id}/cool{query}", Cancellation);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return WebUtility.HtmlDecode(await BenchHost.TextAsync(answer));
    }
}
