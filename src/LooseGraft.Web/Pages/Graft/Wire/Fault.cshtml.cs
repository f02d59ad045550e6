using LooseGraft.Core.Circuit;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Remedies;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>One fault of the circuit: the way it takes, contact by contact, and the single changes that would mend it.</summary>
public sealed class FaultModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    // Nobody waits longer for advice past the likeliest changes; what was not tried by then is said.
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(2);

    [BindProperty(SupportsGet = true)]
    public ConflictKind Fault { get; set; }

    [BindProperty(SupportsGet = true)]
    public string Giver { get; set; } = "";

    [BindProperty(SupportsGet = true)]
    public string Taker { get; set; } = "";

    /// <summary>The fault; null once the circuit does not say so any more.</summary>
    public Conflict? Found { get; private set; }

    public IReadOnlyList<FaultStep> Way => Found is { } found ? FaultWay.Of(Review.Wire.Circuit.Netlist, found) : [];

    /// <summary>The element that the fault is about, in its part; null where it is about none.</summary>
    public (Part Part, PartLink Link)? Element
        => Found?.Flow is { } flow && Graft.Parts.FirstOrDefault(part => part.Links.Contains(flow.Link)) is { } part ? (part, flow.Link) : null;

    public RemediesTried Remedies => field ??= Search();

    public async Task<IActionResult> OnPostMendAsync(string? words)
        => await LoadAsync() && Found is not null && RemedySearch.Find(Graft, Review.Wire, Found, words ?? "") is { } remedy
            ? await SaveAsync(remedy.Edit) : await InvalidAsync();

    /// <summary>What joins a contact to the one before it.</summary>
    public string Words(Join join) => join.Kind switch
    {
        JoinKind.Joint => $"joint {join.Owner}",
        JoinKind.Tie => $"a tie in joint {join.Owner}",
        JoinKind.Plane => $"one plane of {Graft.NameOf(join.Owner)}",
        JoinKind.ByLabel => $"taken to be joined inside {Graft.NameOf(join.Owner)}, by its labels",
        JoinKind.Switch => $"a switch of {Graft.NameOf(join.Owner)}, closed",
        JoinKind.Throw => $"a contact of {Graft.NameOf(join.Owner)} that moves",
        _ => LinkOf(join)?.Words + $" inside {Graft.NameOf(join.Owner)}",
    };

    /// <summary>Where what joins two contacts is described; null where only the contacts are.</summary>
    public (Part Part, PartLink Link)? PlaceOf(Join join)
        => Graft.FindPart(join.Owner) is { } part && LinkOf(join) is { } link ? (part, link) : null;

    protected override void OnShown() => Found = Review.Wire.Circuit.Conflicts.FirstOrDefault(new CircuitFault(Fault, Giver, Taker, [], 0).Names);

    private PartLink? LinkOf(Join join)
    {
        if (join.Kind is not (JoinKind.Inside or JoinKind.Switch or JoinKind.Throw) || Graft.FindPart(join.Owner) is not { } part) return null;
        var ends = new[] { join.One, join.Other }.Select(index => Review.Wire.Circuit.Netlist.Contacts[index]).Select(contact
            => new InnerEnd(contact.Port.Id, contact.Pin.Position)).ToArray();
        return part.Links.FirstOrDefault(link => ends.Contains(link.One) && ends.Contains(link.Other));
    }

    private RemediesTried Search()
    {
        using var giveUp = CancellationTokenSource.CreateLinkedTokenSource(HttpContext.RequestAborted);
        giveUp.CancelAfter(Longest);
        return RemedySearch.Of(Graft, Review.Wire, Found!, giveUp.Token);
    }
}
