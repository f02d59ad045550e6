using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>What the rules say about the chain: rings, plugs, drops, labels, age.</summary>
internal static class ChainFindings
{
    // The ±5 % of a rail are for supply and wire together; a supply uses about half of them itself (ATX12V design guide, common practice).
    private const double DropToCheck = 0.025;
    private const double DropToFix = 0.05;

    // Rounded figures on a label may add up to a little less than its total.
    private const double LabelRounding = 0.98;
    private const double UsualShareOf12 = 0.5;

    // Retail supplies have up to four drive plugs on a string (common practice).
    private const int PlugsOfAString = 4;

    public static ImmutableArray<Finding> Of(Graft graft, ImmutableArray<SupplyReview> supplies, FeedFlows flows, PlugCount plugs)
        => [.. flows.Rings.Select(ring => Ring(graft, flows, ring)), .. RailsNotOnPlug(graft, flows),
            .. plugs.Served(graft).SelectMany(served => Unserved(graft, served)),
            .. supplies.SelectMany(LongStrings), .. supplies.SelectMany(supply => Drops(supply, flows)),
            .. supplies.SelectMany(Aged), .. supplies.SelectMany(Label)];

    private static Finding Ring(Graft graft, FeedFlows flows, Supply supply)
        => Finding.Of(FeedRules.FeedsItself, new SupplySubject(supply.Id),
            $"{graft.FindPart(supply.Part)?.Name ?? supply.Id} hangs on {graft.NameOf(flows.Network.Taps.First(tap => tap.Feeds?.Id == supply.Id).Outlet!.Supply.Part)}, which hangs on it again: nothing in this ring is fed.",
            Evidence.Measured, "say what really feeds it, or that it hangs on the wall");

    private static IEnumerable<Finding> RailsNotOnPlug(Graft graft, FeedFlows flows)
        => from tap in flows.Network.Taps
           where tap is { Hold: FeedHold.Meant, Load.Meant.Plug: not null }
           let outlet = tap.Outlet!
           let draw = tap.Draw!
           let found = outlet.Supply.FindPlug(tap.Load!.Meant!.Plug!)
           where found is not null
           let lead = found!.Value.Lead
           let plug = lead.Plugs[found.Value.At]
           where plug.Type.Pinout.Count > 0 && draw.Peak.High > Amps.Zero && !plug.Type.Pinout.Contains(outlet.Rail.Output.Name)
           select Finding.Of(FeedRules.RailNotOnPlug, new DrawSubject(tap.Load!.Id, draw.Rail, draw.Socket),
               $"{draw.Rail} is wanted from {graft.NameOfPlug(outlet.Supply, lead, plug)}, and a {plug.Type.Name} has none.", draw.Evidence,
               "take a plug that carries it", "an adapter from a plug that has it: a peripheral plug has no 3.3 V, and no adapter gives it one");

    private static IEnumerable<Finding> Unserved(Graft graft, (WantingPort Port, FreePlug? Plug, AdapterOffer? Adapter) served)
    {
        if (served.Plug?.Serves(served.Port.Port.Type) == true) yield break;
        var (name, socket) = ($"{served.Port.Port.Name} of {served.Port.Part.Name}", new PortSubject(new PortId(served.Port.Part.Id, served.Port.Port.Id)));
        yield return served.Plug is { } halved
            ? new Finding(FeedRules.NoPlugLeft, Severity.Check, socket,
                $"{name} has no plug of its kind left; {halved.In(graft)}, a {halved.Type.Name}, does if it parts in two, and nobody looked.", Evidence.Assumed,
                ["look for a seam between its positions, and say on Feed whether it parts"])
            : served.Adapter is { } offer
            ? new Finding(FeedRules.NoPlugLeft, offer.Carries ? Severity.Check : Severity.Fix, socket,
                $"{name} has no plug of its kind left; {Offered(graft, offer)}.", Evidence.Document,
                offer.Carries ? [$"{offer.Adapter.Name}: {offer.Adapter.Gloss}"] : ["a supply with more plugs", "a part that takes less", "leave the part out"])
            : Finding.Of(FeedRules.NoPlugLeft, socket,
                $"{name} wants a {served.Port.Port.Type.Name}, and no plug of any supply is left for it.", Evidence.Document,
                "say which plug it takes, if it has one already", "a supply with more plugs", "leave the part out");
    }

    private static string Offered(Graft graft, AdapterOffer offer)
    {
        var plugs = string.Join(" and ", offer.Plugs.Select(plug => plug.In(graft)));
        return offer.Rail is null ? $"{plugs} would do with an adapter, as far as nobody says what it takes"
            : offer.Carries ? $"{plugs} would do with an adapter, which bears {offer.Bears} of {offer.Rail}, and it takes up to {offer.Asked}"
            : $"with an adapter {plugs} would bear {offer.Bears} of {offer.Rail}, and it takes up to {offer.Asked}";
    }

    // More plugs than a string is made with hang there by splitters, and then the contacts of one plug carry what lies behind it.
    private static IEnumerable<Finding> LongStrings(SupplyReview review)
        => from lead in review.Supply.Leads
           from same in lead.Plugs.GroupBy(plug => plug.Type)
           where same.Count() > PlugsOfAString && same.Key.ContactAmps is not null
           from rail in review.Supply.RailsOn(lead)
           let bears = same.Key.ContactAmps!.Value * same.Key.Pinout.Count(signal => signal == rail.Output.Name)
           where bears > 0
           let carried = review.Find(FeedLimitKey.OfWire(lead.Id, rail.Output.Name))?.In(LoadCase.Peak).Used.High.Value ?? 0
           where carried > bears
           select new Finding(FeedRules.PlugOverLimit, Severity.Check, new SupplyLeadSubject(review.Supply.Id, lead.Id),
               $"{rail.Name} along {lead.Name}: {new Amps(carried)} for {same.Count()} plugs, and a string seldom has more than {PlugsOfAString} of its own. What hangs by a splitter goes through the contacts of one plug, which bear {new Amps(bears)}.",
               Evidence.Assumed, ["where a splitter is, add it as a part and join it", "spread the parts over more strings"]);

    private static IEnumerable<Finding> Drops(SupplyReview review, FeedFlows flows)
        => from drop in VoltageDrop.Of(review, flows)
           where drop.Share > DropToCheck
           select new Finding(FeedRules.DropTooFar, drop.Share > DropToFix ? Severity.Fix : Severity.Check,
               new SupplyLeadSubject(review.Supply.Id, drop.Lead.Id),
               $"{drop.Rail.Name} along {drop.Lead.Name}: up to {drop.Drop.Value * 1000:0} mV are lost on the way at peak, {100 * drop.Share:0.#} % of it; 5 % are for supply and wire together.", Evidence.Assumed,
               ["spread the parts over more strings", "a shorter or thicker lead", "meter the voltage at the last plug under load"]);

    // What it gives, and what its leads bear: of each the one that is asked for most beyond what is prudent.
    private static IEnumerable<Finding> Aged(SupplyReview review)
        => from limit in review.Limits
           let factor = PrudentLimit.FactorOf(review.Supply, limit)
           let used = limit.In(LoadCase.Peak).Used
           where factor < 1 && used.High > factor * limit.Limit.Value && used.Likely <= limit.Limit.Value
           group (limit, factor, used) by limit.Kind <= FeedLimitKind.Total into same
           let worst = same.MaxBy(each => each.used.High / (each.factor * each.limit.Limit.Value))
           select Finding.Of(FeedRules.BeyondPrudent, worst.limit.Subject,
               $"{review.Name}{(worst.limit.Kind == FeedLimitKind.Total ? "" : $", {worst.limit.Name}")}: {worst.used} at peak, and {worst.factor * worst.limit.Limit.Value} is what one would ask of it, as {PrudentLimit.Because(review.Supply, worst.limit)}; {(same.Key ? "its label says" : "cool it would bear")} {worst.limit.Limit.Value}.",
               worst.limit.Weakest, "measure at the wall under full load, and feel the air that leaves it", "leave a part off", "a newer supply");

    private static IEnumerable<Finding> Label(SupplyReview review)
    {
        var supply = review.Supply;
        if (supply.Total is not { Limit: var total } || supply.Rails.IsEmpty) yield break;
        var most = Most(supply);
        if (most.Value < total.Value.Value * LabelRounding)
        {
            yield return Finding.Of(
                FeedRules.LabelCannotBe, new TotalSubject(supply.Id),
                $"{review.Name}: its rails give {most} together, and it claims {total.Value} in all; that cannot be true.", total.Evidence,
                "type the label again, line by line", "count on the rails, not on the total");
        }

        var twelve = supply.Rails.Where(rail => rail.Voltage.Value is > 11 and < 13 && !rail.Output.IsStandby)
            .Sum(rail => rail.Voltage.Value * rail.Limit.Value.Value);
        if (twelve > 0 && supply.Rails.Length > 2 && twelve < UsualShareOf12 * total.Value.Value)
        {
            yield return Finding.Of(
                FeedRules.LabelCannotBe, new TotalSubject(supply.Id),
                $"{review.Name}: only {twelve:0} W of its {total.Value} are +12 V, on which processor and card live; it was made for older machines, or its label flatters.",
                total.Evidence, "count on +12 V alone for processor and card");
        }
    }

    // The most that rails can give together: each shared limit once, in place of its rails where it is the smaller.
    private static Watts Most(Supply supply)
    {
        var own = supply.Rails.ToDictionary(rail => rail.Name, rail => Math.Max(0, (rail.Voltage * rail.Limit.Value).Value));
        var shared = supply.Combined.Where(limit => limit.Rails.All(own.ContainsKey)).ToArray();
        var covered = new HashSet<string>();
        var sum = 0.0;
        foreach (var limit in shared.OrderByDescending(limit => limit.Rails.Length).Where(limit => !limit.Rails.Any(covered.Contains)))
        {
            sum += Math.Min(limit.Limit.Value.Value, limit.Rails.Sum(name => own[name]));
            covered.UnionWith(limit.Rails);
        }

        return new Watts(sum + own.Where(rail => !covered.Contains(rail.Key)).Sum(rail => rail.Value));
    }
}
