using LooseGraft.Trial;

namespace LooseGraft.Web.Tests;

/// <summary>Each attack of <c>tools/trial</c>, tried a few times.</summary>
public sealed class TrialTests
{
    public static TheoryData<string> Names => [.. AttackList.All.Select(attack => attack.Name)];

    [Theory]
    [MemberData(nameof(Names))]
    public async Task Nothing_is_lost_and_nothing_gets_stuck(string name)
    {
        var tally = await AttackList.All.Single(attack => attack.Name == name).RunAsync(isShort: true, null, TestContext.Current.CancellationToken);
        Assert.Empty(tally.Failures);
        TestContext.Current.TestOutputHelper?.WriteLine($"{tally.Tries} tries. {tally.Note}");
        Assert.True(tally.Tries > 0 || tally.Note.StartsWith("not tried", StringComparison.Ordinal), tally.Note);
    }
}
