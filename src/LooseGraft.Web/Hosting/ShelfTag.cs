using LooseGraft.Data;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Html;

namespace LooseGraft.Web.Hosting;

/// <summary>What the shelf tells of a graft.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Name">Its name.</param>
/// <param name="Donor">What its board is out of; empty as long as nobody has looked.</param>
/// <param name="Shell">What it goes into.</param>
/// <param name="Figures">How it stands; null where that is not known.</param>
public sealed record ShelfTag(int Id, string Name, string Donor, string Shell, ShelfFigures? Figures)
{
    private volatile IHtmlContent? _drawn;

    /// <summary>Whether it is still being worked out.</summary>
    public bool IsWaiting { get; private init; }

    /// <summary>The tag as it hangs on the shelf, drawn when it is first shown.</summary>
    public IHtmlContent Drawn(Func<ShelfTag, IHtmlContent> draw) => _drawn ??= draw(this).Written();

    /// <summary>Of a graft that has not been looked at yet.</summary>
    public static ShelfTag Waiting(ShelfEntry entry) => new(entry.Id, entry.Name, "", "", null) { IsWaiting = true };
}
