using System.CommandLine;
using LooseGraft.Cli;

namespace LooseGraft.Core.Tests;

/// <summary>What <c>check --json</c> says of every demo and of many small grafts, to the byte. A change that means to alter an answer retakes it with
/// <c>tools/golden</c>, and its difference is read.</summary>
public sealed class GoldenTests
{
    private static readonly string Golden = Path.Combine(House.Root.Folder("tests"), "golden");

    public static TheoryData<string> Reviews
        => [.. Directory.EnumerateFiles(Golden, "*.review.json", SearchOption.AllDirectories)
            .Select(file => Path.GetRelativePath(Golden, file)[..^".review.json".Length]).Order()];

    [Theory]
    [MemberData(nameof(Reviews))]
    public void The_answer_is_the_one_that_was_kept(string graft)
    {
        using var said = new StringWriter();
        Commands.Root().Parse(["check", FileOf(graft), "--json"]).Invoke(new InvocationConfiguration { Output = said });
        Assert.Equal(File.ReadAllText(Path.Combine(Golden, graft + ".review.json")), said.ToString());
    }

    [Fact]
    public void Every_demo_and_every_small_graft_has_an_answer_that_is_kept()
    {
        var demos = Directory.EnumerateFiles(House.Root.Folder("demo"), "*.json").Select(file => $"demo/{Path.GetFileNameWithoutExtension(file)}");
        var small = Directory.EnumerateFiles(Golden, "*.json", SearchOption.AllDirectories)
            .Select(file => Path.GetRelativePath(Golden, file)[..^".json".Length]).Where(name => !name.EndsWith(".review", StringComparison.Ordinal));
        Assert.Equal(demos.Concat(small).Order(), Reviews.Select(row => row.Data).Order());
    }

    private static string FileOf(string graft)
        => graft.StartsWith("demo/", StringComparison.Ordinal) ? Path.Combine(House.Root.Path, graft + ".json") : Path.Combine(Golden, graft + ".json");
}
