using LooseGraft.Web.Stages;

namespace LooseGraft.Browser.Tests;

/// <summary>Takes the pictures under docs/screenshots anew from the demo data. Run by <c>./shots</c> only.</summary>
public sealed class Shots(RunningBench bench) : IClassFixture<RunningBench>
{
    private const int Telephone = 390;

    public static TheoryData<string, string, int, int, bool> Views =>
    [
        ("shelf", "/", 1280, 800, false),
        ("bench", $"/graft/{StagePages.RichestDemo}", 1280, 900, false),
        ("bin", "/bin", 1280, 800, false),
        ("wire-phone", $"/graft/{StagePages.RichestDemo}/wire?joint=panel", Telephone, 844, false),
        ("wire-night", $"/graft/{StagePages.RichestDemo}/wire?joint=main-power", 1280, 800, true),
        .. StagePages.All.SelectMany(pages => pages.Own).Where(page => page.Picture is not null)
            .Select(page => new TheoryDataRow<string, string, int, int, bool>(page.Name, page.DemoAddress, 1280, page.Picture!.Value, false)),
    ];

    [Theory(Explicit = true)]
    [MemberData(nameof(Views))]
    public void Take(string name, string path, int width, int height, bool isDark)
    {
        using var eyes = new Eyes(bench.Address, width, height, isDark);
        eyes.Open(path);
        eyes.SeeNothingUnderWay();
        eyes.Run<object?>("return document.fonts.ready.then(() => null)");
        var file = Path.Combine(RunningBench.ProjectRoot(), "docs", "screenshots", name + ".png");
        eyes.Photograph(file);
        Assert.True(new FileInfo(file).Length > 10_000);
    }
}
