using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>A stage that does not compute yet: what it will do, and what is already known for it.</summary>
public sealed class StageModel(GraftStore store, ReviewCache reviews) : GraftPageModel(store, reviews)
{
    [BindProperty(SupportsGet = true)]
    public string Verb { get; set; } = "";

    public override Stage? Stage => Enum.Parse<Stage>(Verb, ignoreCase: true);

    /// <summary>What the graft already says that this stage will need.</summary>
    public IEnumerable<string> AlreadyKnown() => Stage switch
    {
        Core.Findings.Stage.Cool => Review.Feed.Supplies.Select(supply => $"{supply.Name} feeds up to {Peak(supply)} into the shell, nearly all of which becomes heat.")
            .Append($"{Count(PartKind.Fan)}, {Count(PartKind.Cooler)}"),
        Core.Findings.Stage.Build => Graft.Joints.Where(joint => joint.Method is JointMethod.Splice or JointMethod.Bridge or JointMethod.Rebuild or JointMethod.Repin)
            .Select(joint => $"A lead to make before assembly: {joint.Id} ({joint.Method.ToString().ToLowerInvariant()}).").DefaultIfEmpty("No lead has to be made so far."),
        Core.Findings.Stage.Wake => Graft.Parts.SelectMany(part => part.Ports.SelectMany(port => port.Pins)
                .Where(pin => pin.NeededFor is not null).Select(pin => $"{part.Name} will not wake without {pin.Signal.Value}: {pin.NeededFor}."))
            .DefaultIfEmpty("No contact is known to keep it from waking."),
        Core.Findings.Stage.Log => [Graft.StartedOn is { } day ? $"Work began on {day:yyyy-MM-dd}." : "The day work began is not written down.", $"{Snapshot.Revision - 1} changes so far."],
        Core.Findings.Stage.Grow => Review.Feed.Supplies.SelectMany(supply => supply.Limits.Select(limit => $"{supply.Name}, {limit.Name}: {limit.LeastLeft} left at peak."))
            .DefaultIfEmpty("No supply is described, so nothing is known to be left."),
        _ => [],
    };

    private static string Peak(SupplyReview supply)
        => $"{supply.Limits.Where(limit => limit.Kind == FeedLimitKind.Rail).Sum(limit => limit.In(LoadCase.Peak).Used.High.Value):0.#} W";

    private string Count(PartKind kind)
    {
        var count = Graft.Parts.Count(part => part.Kind == kind);
        return $"{count} {kind.ToString().ToLowerInvariant()}{(count == 1 ? "" : "s")}";
    }
}
