namespace LooseGraft.Web.Stages;

/// <summary>A page of a stage.</summary>
/// <param name="Name">What its picture under docs/screenshots is called.</param>
/// <param name="Address">Below the graft's, with a choice in its query that shows it at work on the demo grafts.</param>
public sealed record StagePage(string Name, string Address)
{
    /// <summary>The number of the one demo graft that has what the page is about; null for a page that every graft has.</summary>
    public int? Only { get; init; }

    /// <summary>How high its picture is, in pixels; null for a page that is no main view and has none.</summary>
    public int? Picture { get; init; }

    /// <summary>Where it stands on a bench with the demo grafts.</summary>
    public string DemoAddress => $"/graft/{Only ?? StagePages.RichestDemo}/{Address}";
}
