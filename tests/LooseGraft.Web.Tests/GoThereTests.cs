using System.Net;
using System.Text.RegularExpressions;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Tests;
using LooseGraft.Data.Owned;
using LooseGraft.Web.Words;

namespace LooseGraft.Web.Tests;

/// <summary>“Go there” leads to the very thing that a finding speaks of, and what is said of it stands there.</summary>
public sealed partial class GoThereTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Every_finding_of_every_rule_and_every_demo_leads_to_its_thing_where_its_words_stand()
    {
        var (browser, lost) = (host.Browser(), new List<string>());
        host.Clock.SetUtcNow(new DateTimeOffset(2026, 12, 1, 9, 0, 0, TimeSpan.Zero));
        await host.BinAsync(bin => bin.AddAsync(
            [new BinItem("Spare nuts", PartKind.Other, 9, null, "EUR", WareCondition.Works, "", "", "nut M3")], "nuts", Cancellation));
        var rules = RuleExamples.Firing.Select(pair => ((string?)pair.Code, pair.Graft));
        foreach (var (code, graft) in rules.Concat(EditSamples.Demos.Select(demo => ((string?)null, demo.Graft))))
        {
            var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
            var snapshot = (await host.StoreAsync(store => store.FindAsync(id, Cancellation)))!;
            var findings = (await host.SeenAsync(snapshot)).Findings.Where(finding => code is null || finding.Rule.Code == code).ToArray();
            if (findings.Length == 0) lost.Add($"{code} says nothing on this bench");
            var pages = new Dictionary<string, (HttpStatusCode Status, string Text)>();
            foreach (var finding in findings)
            {
                var address = SubjectLinks.To(snapshot, finding.Subject, finding.Rule.Stage);
                var file = address.Split('#')[0];
                if (!pages.TryGetValue(file, out var answer))
                {
                    var got = await browser.GetAsync(file, Cancellation);
                    pages[file] = answer = (got.StatusCode, NextCut().Replace(WebUtility.HtmlDecode(await BenchHost.TextAsync(got)), ""));
                }

                var (status, page) = answer;
                var problem = status != HttpStatusCode.OK ? $"{status}"
                    : address.Split('#') is [_, var anchor] && !page.Contains($"id=\"{anchor}\"", StringComparison.Ordinal) ? "no such place"
                    : !page.Contains(finding.Message, StringComparison.Ordinal) ? finding.Message
                    : finding.Subject != Subject.Whole && address.AsSpan().IndexOfAny("#?") < 0 ? "only a page" : null;
                if (problem is not null) lost.Add($"{finding.Rule.Code} {finding.Subject} {address}: {problem}");
            }
        }

        if (lost.Count > 0) Assert.Fail(string.Join("\n", lost));
    }

    // It stands on every page, wherever its thing is.
    [GeneratedRegex("<aside class=\"next-cut\".*?</aside>", RegexOptions.Singleline)]
    private static partial Regex NextCut();
}
