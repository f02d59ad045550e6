using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Model;

namespace LooseGraft.Web.Words;

/// <summary>A choice for the whole graft as it is told in words.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Set">The choice.</param>
/// <param name="Graft">The graft.</param>
/// <param name="IsEnd">Whether it is the cheapest, or another end.</param>
public sealed record ChoiceCard(string Name, ChosenSet Set, Graft Graft, bool IsEnd)
{
    /// <summary>The ends of a choice, each set once.</summary>
    public static IEnumerable<ChoiceCard> EndsOf(GraftChoice choice, Graft graft)
        => choice.Ends.Select(end => end.Set).Distinct().Select(set => Of(choice, set, graft));

    /// <summary>A choice, called by the ends that it is, or by its place among all from the cheapest on.</summary>
    public static ChoiceCard Of(GraftChoice choice, ChosenSet set, Graft graft)
    {
        var names = choice.Ends.Where(end => end.Set == set).Select((end, at) => at == 0 ? end.Name : end.Name.ToLowerInvariant()).ToArray();
        var name = names.Length > 0 ? string.Join(", ", names) : $"Choice {choice.Sets.IndexOf(set) + 1} of {choice.Sets.Length}";
        return new ChoiceCard(name, set, graft, names.Length > 0);
    }

    /// <summary>When the last parcel is here.</summary>
    public string Days => Set.Days switch
    {
        null => "nobody says when the last parcel comes",
        0 => "nothing to wait for",
        var days => $"last parcel within {days.Value.Counted("day")}",
    };

    /// <summary>What its parcels cost to send.</summary>
    public string Postage
        => $"postage {Set.Postage.In(Graft.Currency)}{(Set.Sacks.Any(sack => sack is { IsFree: false, Seller.Postage: null }) ? ", as far as anybody said" : "")}";

    /// <summary>What cannot be taken back, in short.</summary>
    public string Acts => Set.Acts == 0 ? "nothing for good" : $"{Set.Acts.Counted("act")} for good";

    /// <summary>How long the open joints take.</summary>
    public string Minutes => Set.Ways.IsEmpty ? "no joint is open" : $"about {Set.Minutes} min at the joints";

    /// <summary>Its other figures in one line.</summary>
    public string Figures => $"{Set.Total.In(Graft.Currency)}, {Days}, {Minutes}";

    /// <summary>What meets at a joint.</summary>
    public string Joint(JointWay way) => WareWords.Of(way.Review.Joint, Graft);

    /// <summary>What a parcel comes to, in its own currency and in the graft's.</summary>
    public string Total(Sack sack)
        => $"{sack.Total.In(sack.Seller.Currency)}{(sack.Seller.Currency == Graft.Currency ? "" : $" = {sack.InGraft?.In(Graft.Currency)} at {sack.Rate:0.####}")}";

    /// <summary>Offers of which only somebody's word has it that they fit.</summary>
    public Offer[] Believed => [.. Set.Sacks.SelectMany(sack => sack.Lines).Select(line => line.Offer).Where(ChosenSet.IsBelieved)];

    /// <summary>How a joint is made, how long it takes, and what of it is for good.</summary>
    public static string WayOf(JointWay way)
        => $"{(way.IsAsDecided ? $"as it stands, {way.Review.Joint.Method.Words()}" : way.Words)}"
            + $"{(way.Plan is { } plan ? $", about {plan.Time.Likely.Value:0} min" : "")}"
            + $"{(way.Acts > 0 ? $"; for good: {string.Join(", ", way.Irreversible)}" : "")}";
}
