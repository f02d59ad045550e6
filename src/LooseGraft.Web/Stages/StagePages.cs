using System.Collections.Immutable;
using LooseGraft.Core.Findings;

namespace LooseGraft.Web.Stages;

/// <summary>What the bench has to know of a stage's pages.</summary>
/// <param name="Stage">The stage.</param>
/// <param name="Purpose">What it is for, in one sentence.</param>
/// <param name="Own">Its pages, the first that of the stage itself.</param>
public sealed record StagePages(Stage Stage, string Purpose, params ImmutableArray<StagePage> Own)
{
    /// <summary>The number of the demo graft in which every stage has something to show.</summary>
    public const int RichestDemo = 4;

    /// <summary>Those of every stage, in working order.</summary>
    public static ImmutableArray<StagePages> All { get; } =
    [
        .. typeof(StagePages).Assembly.GetTypes().Where(type => type.IsClass && type.IsAssignableTo(typeof(IStagePages)))
            .Select(type => (StagePages)type.GetProperty(nameof(IStagePages.Pages))!.GetValue(null)!).OrderBy(pages => pages.Stage),
    ];

    /// <summary>The stage's part of an address.</summary>
    public string Slug => Own[0].Address.Split('?')[0];

    /// <summary>The pages of a stage.</summary>
    public static StagePages Of(Stage stage) => All.Single(pages => pages.Stage == stage);

    /// <summary>The stage in whose folder a page lies; null for pages about the graft as a whole.</summary>
    /// <param name="file">The page's file, such as <c>/Pages/Graft/Seat/Survey.cshtml</c>.</param>
    public static Stage? StageOf(string file) => file.Split('/') is ["", "Pages", "Graft", var folder, _] ? Enum.Parse<Stage>(folder) : null;
}
