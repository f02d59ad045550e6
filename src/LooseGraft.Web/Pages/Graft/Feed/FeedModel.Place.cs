using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using LooseGraft.Core.Feed.Relieving;
using LooseGraft.Core.Findings.Subjects;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The place of the tree that is looked at: its limits, its contacts, and what would relieve it.</summary>
public sealed partial class FeedModel
{
    private static readonly TimeSpan LongestSearch = TimeSpan.FromSeconds(2);

    private CancellationTokenSource? _giveUp;

    /// <summary>Which limit of that place is shown first, where it has several; the tightest when none is asked for.</summary>
    [BindProperty(SupportsGet = true, Name = "limit")]
    public string? LimitName { get; set; }

    /// <summary>The limits at the place that is looked at, with their supplies.</summary>
    public IEnumerable<(SupplyReview Supply, FeedLimit Limit)> ChosenLimits => SubjectText.Read(Node) is { } place
        ? Review.Feed.LimitsAt(place).OrderByDescending(chosen => chosen.Limit.Name == LimitName).ThenBy(chosen => chosen.Limit.LeastShareLeft) : [];

    /// <summary>Whether a node of the tree is the place that is looked at.</summary>
    public bool IsChosen(TreeNode node) => Node == node.Subject.Text && (LimitName is null || LimitName == node.Limit?.Name);

    /// <summary>The contacts or wires at a limit.</summary>
    public PlaceContacts? ContactsAt(FeedLimit limit) => PlaceContacts.At(Review.Feed, limit, Case);

    /// <summary>What would relieve a limit, as far as that is found in time.</summary>
    public IReadOnlyList<Relief> ReliefsOf(SupplyReview supply, FeedLimit limit)
        => ReliefSearch.Of(Graft, Review.Wire, Review.Feed, supply.Supply.Id, limit, Case, (_giveUp ??= Patience()).Token);

    // A place may have many limits; all of them share the time.
    private CancellationTokenSource Patience()
    {
        var giveUp = CancellationTokenSource.CreateLinkedTokenSource(HttpContext.RequestAborted);
        HttpContext.Response.RegisterForDispose(giveUp);
        giveUp.CancelAfter(LongestSearch);
        return giveUp;
    }

    public async Task<IActionResult> OnPostRelieveAsync(string? words)
    {
        if (!await LoadAsync()) return NotFound();
        var chosen = ChosenLimits.SelectMany(each => ReliefsOf(each.Supply, each.Limit))
            .FirstOrDefault(relief => relief.Edit is not null && relief.Words == words);
        return chosen is null ? await InvalidAsync() : await SaveAsync(chosen.Edit!);
    }
}
