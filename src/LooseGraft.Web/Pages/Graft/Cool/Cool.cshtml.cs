using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>What is already known for Cool, which does not compute yet.</summary>
public sealed class CoolModel(GraftStore store, ReviewDesk reviews) : ToComeModel(store, reviews)
{
    public override string Will => "It will weigh the watts that come out of Feed against the air that the shell lets through.";

    public override IEnumerable<string> AlreadyKnown
        => Review.Feed.Supplies.Select(supply => $"{supply.Name} feeds up to {Peak(supply)} into the shell, nearly all of which becomes heat.")
        .Append($"{Count(PartKind.Fan)}, {Count(PartKind.Cooler)}");

    private static string Peak(SupplyReview supply)
        => $"{supply.Limits.Where(limit => limit.Kind == FeedLimitKind.Rail).Sum(limit => limit.In(LoadCase.Peak).Used.High.Value):0.#} W";

    private string Count(PartKind kind) => Graft.Parts.Count(part => part.Kind == kind).Counted(kind.ToString().ToLowerInvariant());
}
