using LooseGraft.Web.Stages;

namespace LooseGraft.Browser.Tests;

/// <summary>What holds of every page there is. They are only looked at, so one window serves them all.</summary>
public sealed class PageTests(RunningBench bench, Windows windows) : IClassFixture<RunningBench>, IClassFixture<Windows>
{
    public static TheoryData<string> Pages
        => [.. new[] { "/", "/words", "/bin", "/donors?one=1&other=2", "/meters", $"/graft/{StagePages.RichestDemo}",
            $"/graft/{StagePages.RichestDemo}/history" }
            .Concat(["/graft/3/seat?hand=shell&things=mount:s1", "/graft/3/seat?hand=board", "/graft/3/wire/circuits"])
            .Concat(StagePages.All.SelectMany(pages => pages.Own).Select(page => page.DemoAddress))];

    [Fact]
    public void How_something_is_done_is_told_once_and_unfolded_when_asked_for()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.CopyOfFerry();
        eyes.Click(".bench-row a[href$='/seat']");
        eyes.Click(".tabs-line a[href*='/candidates']");
        eyes.SeeWords("details.how[open]", "type each as a box");
        eyes.Click(".tabs-line a[href*='/survey']");
        eyes.SeeWords("details.how[open]", "Measure what the caliper reaches");
        eyes.Click(".tabs-line a[href*='/candidates']");
        eyes.See("details.how:not([open])");
        eyes.Click("details.how summary");
        eyes.SeeWords("details.how[open]", "type each as a box");
        eyes.Reload();
        eyes.See("details.how:not([open])");
        Assert.Empty(eyes.Complaints());
    }

    [Theory]
    [MemberData(nameof(Pages))]
    public void Nothing_serious_stands_in_anyones_way(string path)
    {
        var eyes = windows.Of(bench.Address, 1280);
        // The dark is other colours on the same elements.
        foreach (var (theme, rules) in new[] { ("light", "{}"), ("dark", "{ runOnly: ['color-contrast'] }") })
        {
            eyes.Emulate("prefers-color-scheme", theme);
            eyes.Open(path);
            eyes.See("#bench");
            eyes.Run<object?>(File.ReadAllText(Path.Combine(RunningBench.ProjectRoot(), "src", "LooseGraft.Web", "node_modules", "axe-core", "axe.min.js")));
            var violations = eyes.RunAsync($$"""
                const done = arguments[arguments.length - 1];
                axe.run({{rules}}).then(r => done(r.violations.filter(v => ['serious', 'critical'].includes(v.impact))
                  .map(v => v.id + ': ' + v.nodes.slice(0, 3).map(n => n.target + ' ' + n.failureSummary).join(' | ')).join('\n')));
                """);
            Assert.Equal("", violations);
            // What is pointed at, and what stands in a field as an example, can be read as well.
            Assert.Equal("", eyes.Run<string>(File.ReadAllText(Path.Combine(RunningBench.ProjectRoot(), "tests", "LooseGraft.Browser.Tests", "contrast.js"))));
        }
    }

    [Theory]
    [MemberData(nameof(Pages))]
    public void A_telephone_shows_each_page_without_scrolling_sideways(string path)
    {
        var eyes = windows.Of(bench.Address, 390);
        eyes.Open(path);
        eyes.See("#bench");
        Assert.Equal(390, eyes.Run<long>("return document.documentElement.scrollWidth"));
        // What a finger has to hit; a box to tick is hit by its words as well.
        Assert.Equal("", eyes.Run<string>("""
            const targets = "button, select, textarea, summary, nav a, a.button, input:not([type=hidden], [type=file])";
            return [...document.querySelectorAll(targets)].map((each) => each.matches("[type=checkbox], [type=radio]") ? each.closest("label") ?? each : each)
              .filter((each) => each.checkVisibility() && each.getClientRects().length > 0 && each.getBoundingClientRect().height < 43.5)
              .slice(0, 8).map((each) => `${each.outerHTML.slice(0, 120)} ${each.getBoundingClientRect().height}`).join("\n");
            """));
        Assert.Empty(eyes.Complaints());
    }
}
