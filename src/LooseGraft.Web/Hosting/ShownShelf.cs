using LooseGraft.Data;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Html;

namespace LooseGraft.Web.Hosting;

/// <summary>The shelf as it is shown. What is drawn of it is drawn once.</summary>
/// <param name="Tags">The tags of every graft, the last changed first.</param>
/// <param name="Compost">What was thrown away, the last first.</param>
public sealed record ShownShelf(IReadOnlyList<ShelfTag> Tags, IReadOnlyList<ThrownGraft> Compost)
{
    private volatile IHtmlContent? _drawn;
    private volatile IHtmlContent? _offered;

    /// <summary>Whether some of its grafts are still being worked out.</summary>
    public bool IsWaiting { get; } = Tags.Any(tag => tag.IsWaiting);

    /// <summary>All tags as they hang.</summary>
    public IHtmlContent Drawn(Func<IReadOnlyList<ShelfTag>, IHtmlContent> draw) => _drawn ??= draw(Tags).Written();

    /// <summary>All grafts as they are offered to begin with, none of them chosen.</summary>
    public IHtmlContent Offered(Func<IReadOnlyList<ShelfTag>, IHtmlContent> draw) => _offered ??= draw(Tags).Written();
}
