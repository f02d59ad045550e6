namespace LooseGraft.Core.Tests;

/// <summary>What holds of every rule, by its examples.</summary>
public sealed class RuleTests
{
    public static TheoryData<string> Codes => [.. Stages.Rules.Select(rule => rule.Code)];

    [Theory]
    [MemberData(nameof(Codes))]
    public void Every_rule_fires_where_it_should_and_only_there(string code)
    {
        var (fires, quiet) = RuleExamples.Of(code);
        Assert.Contains(RuleExamples.Seen(fires).Findings, finding => finding.Rule.Code == code);
        Assert.DoesNotContain(RuleExamples.Seen(quiet).Findings, finding => finding.Rule.Code == code);
    }

    [Fact]
    public void Every_finding_says_what_would_change_it()
        => Assert.All(RuleExamples.Firing.SelectMany(example => RuleExamples.Seen(example.Graft).Findings), finding =>
        {
            Assert.NotEmpty(finding.Remedies);
            Assert.EndsWith(".", finding.Message);
        });
}
