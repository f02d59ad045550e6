using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>What is already known for Log, which does not compute yet.</summary>
public sealed class LogModel(GraftStore store, ReviewDesk reviews) : ToComeModel(store, reviews)
{
    public override string Will => "It will keep what was measured, spent and learned.";

    public override IEnumerable<string> AlreadyKnown
        => [Graft.StartedOn is { } day ? $"Work began on {day:yyyy-MM-dd}." : "The day work began is not written down.",
        $"{Snapshot.Revision - 1} changes so far."];
}
