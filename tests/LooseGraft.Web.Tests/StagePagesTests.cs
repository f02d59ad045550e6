using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Tests;

/// <summary>What the folders of pages promise: a stage is found by its folder, and no list names it.</summary>
public sealed class StagePagesTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static readonly string Folder = Path.Combine(Core.Tests.House.Root.Folder("src"), "LooseGraft.Web", "Pages", "Graft");

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public void Every_stage_has_its_folder_of_pages_and_every_folder_its_stage()
    {
        Assert.Equal(Enum.GetValues<Stage>(), StagePages.All.Select(pages => pages.Stage));
        Assert.Equal(Enum.GetNames<Stage>().Order(), Directory.EnumerateDirectories(Folder).Select(Path.GetFileName).Order());
        Assert.All(StagePages.All, pages => Assert.True(File.Exists(Path.Combine(Folder, $"{pages.Stage}", $"{pages.Stage}Pages.cs"))));
    }

    [Fact]
    public void Every_page_of_a_stage_is_known_to_it()
        => Assert.All(StagePages.All, pages =>
        {
            var files = Directory.EnumerateFiles(Path.Combine(Folder, $"{pages.Stage}"), "*.cshtml")
                .Where(file => File.ReadLines(file).First().StartsWith("@page", StringComparison.Ordinal));
            Assert.Equal(files.Count(), pages.Own.DistinctBy(page => page.Address.Split('?')[0]).Count());
        });

    [Fact]
    public void A_page_model_is_short_what_it_reads_from_forms_lies_beside_them()
        => Assert.All(
            Directory.EnumerateFiles(Path.Combine(Folder, ".."), "*.cs", SearchOption.AllDirectories),
            file => Assert.True(File.ReadLines(file).Count() < 150, file));

    [Fact]
    public void A_page_belongs_to_the_stage_in_whose_folder_it_lies()
    {
        Assert.Equal(Stage.Seat, StagePages.StageOf("/Pages/Graft/Seat/Survey.cshtml"));
        Assert.Null(StagePages.StageOf("/Pages/Graft/History.cshtml"));
        Assert.Null(StagePages.StageOf("/Pages/Bin.cshtml"));
    }

    [Fact]
    public async Task The_bench_row_leads_to_every_stage_and_marks_the_one_that_is_shown()
    {
        var bench = await host.Browser().GetStringAsync($"/graft/{StagePages.RichestDemo}", Cancellation);
        foreach (var pages in StagePages.All)
        {
            Assert.Contains($"href=\"/graft/{StagePages.RichestDemo}/{pages.Slug}\"", bench);
            foreach (var page in pages.Own)
                Assert.Matches($"href=\"/graft/\\d/{pages.Slug}\" aria-current=\"page\"", await host.Browser().GetStringAsync(page.DemoAddress, Cancellation));
        }
    }

    [Fact]
    public void The_pictures_have_names_of_their_own_and_are_few()
    {
        var pictures = StagePages.All.SelectMany(pages => pages.Own).Where(page => page.Picture is not null).Select(page => page.Name).ToList();
        Assert.Distinct(pictures);
        Assert.True(pictures.Count <= 20);
    }
}
