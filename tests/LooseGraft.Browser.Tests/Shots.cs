namespace LooseGraft.Browser.Tests;

/// <summary>Takes the pictures under docs/screenshots anew from the demo data. Run by <c>./shots</c> only.</summary>
public sealed class Shots(RunningBench bench) : IClassFixture<RunningBench>
{
    [Theory(Explicit = true)]
    [InlineData("shelf", "/", 1280, 800, false)]
    [InlineData("bench", "/graft/4", 1280, 900, false)]
    [InlineData("wire", "/graft/4/wire?joint=panel&pin=from-7", 1280, 1300, false)]
    [InlineData("lead", "/graft/4/wire/fan/lead", 1280, 1000, false)]
    [InlineData("seat", "/graft/4/seat", 1280, 1300, false)]
    [InlineData("survey", "/graft/4/seat/survey", 1280, 1000, false)]
    [InlineData("cuts", "/graft/4/seat/cuts", 1280, 900, false)]
    [InlineData("feed-chain", "/graft/1/feed?node=%2Fparts%2Foffice%2Fports%2Fslot", 1280, 1000, false)]
    [InlineData("wall", "/graft/1/feed/wall", 1280, 800, false)]
    [InlineData("stock", "/graft/4/stock", 1280, 1000, false)]
    [InlineData("connector", "/graft/4/stock/kt31/panel", 1280, 800, false)]
    [InlineData("prove", "/graft/4/prove", 1280, 900, false)]
    [InlineData("life", "/graft/4/prove/life", 1280, 900, false)]
    [InlineData("caliper", "/graft/4/prove/caliper?scale=fiftieth&main=12&line=37&zero=2", 1280, 800, false)]
    [InlineData("bin", "/bin", 1280, 800, false)]
    [InlineData("prove-phone", "/graft/4/prove", 390, 844, false)]
    [InlineData("wire-night", "/graft/4/wire?joint=main-power", 1280, 800, true)]
    [InlineData("wire-phone", "/graft/4/wire?joint=panel", 390, 844, false)]
    [InlineData("photographs", "/graft/4/photos/kt31", 1280, 900, false)]
    public void Take(string name, string path, int width, int height, bool isDark)
    {
        using var eyes = new Eyes(bench.Address, width, height, isDark);
        eyes.Open(path);
        eyes.See("#bench");
        eyes.Run<object?>("return document.fonts.ready.then(() => null)");
        var file = Path.Combine(RunningBench.ProjectRoot(), "docs", "screenshots", name + ".png");
        eyes.Photograph(file);
        Assert.True(new FileInfo(file).Length > 10_000);
    }
}
