using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Buy.Findings;

/// <summary>What the rules say of needs: those that have no source, those that the bin could serve, and adapters that serve none.</summary>
internal static class NeedFindings
{
    private const int Named = 3;

    public static IEnumerable<Finding> Of(Graft graft, WireReview wire, Basket basket, Surroundings around)
        => NoSource(basket).Concat(InBin(basket, around)).Concat(Idle(graft, wire));

    private static IEnumerable<Finding> NoSource(Basket basket)
    {
        var open = basket.Lines.Where(line => line.State == NeedState.Open).ToArray();
        if (open.Length == 0) return [];
        var more = open.Length > Named ? $" and {open.Length - Named} more" : "";
        return [Finding.Of(BuyRules.NoSource, Subject.Whole, new NeedsOpen(open.Length, open[0].Need.Key),
            $"{open.Length.Counted("thing")} that {(open.Length == 1 ? "is" : "are")} needed {(open.Length == 1 ? "has" : "have")} no source yet: {string.Join(", ", open.Take(Named).Select(line => line.Need.Words))}{more}.",
            Evidence.Measured, "choose an offer, take it from the bin, or say that it is there", "leave it out, with the reason")];
    }

    private static IEnumerable<Finding> InBin(Basket basket, Surroundings around)
        => from line in basket.Lines
           from gift in line.Chosen
           let thing = BinFit.For(line.Need, around).FirstOrDefault(thing => line.FromBin.All(take => take.Claim.Entry != thing.Entry))
           where thing is not null
           select Finding.Of(BuyRules.LiesInBin, new OfferSubject(gift.Offer.Id), new LiesInBin(line.Need.Key, thing.Entry, thing.Free),
               $"{gift.Offer.What} is bought for {line.Need.Words}, and the bin has {thing.Free} free of {thing.Name}, which will do.",
               Evidence.Measured, "take it from the bin", "keep the offer, if what lies in the bin is meant for something else");

    // One that hangs in no joint, and that no joint which goes through an adapter could use, was bought by its name.
    private static IEnumerable<Finding> Idle(Graft graft, WireReview wire)
    {
        var busy = graft.Joints.SelectMany(joint => new[] { joint.From.Part, joint.To.Part })
            .Concat(graft.Loads.Select(load => load.Meant?.Through?.Part).OfType<string>()).ToHashSet();
        var useful = new Lazy<HashSet<string>>(() => [.. JointNeeds.Served(graft, wire)]);
        return from part in graft.Parts
               where part is { Kind: PartKind.Adapter, Origin: PartOrigin.ToBuy or PartOrigin.Bought } && !busy.Contains(part.Id)
                   && !useful.Value.Contains(part.Id)
               let why = part.Ports.IsEmpty ? "nobody described its ends: nothing here shows which joint it serves" : "no joint of the graft goes through it or could"
               select Finding.Of(BuyRules.ServesNothing, new PartSubject(part.Id), new FitsNothing(part.Id),
                   $"{part.Name} {(part.Origin == PartOrigin.ToBuy ? "is to be bought" : "was bought")}, and {why}.",
                   part.Ports.IsEmpty ? Evidence.Assumed : Evidence.Measured, part.Ports.IsEmpty ? "describe its two ends in Stock" : "join its two ends",
                   part.Origin == PartOrigin.ToBuy ? "leave it off the list" : "send it back, or put it in the bin") with
               {
                   Severity = part.Ports.IsEmpty ? Severity.Check : Severity.Fix,
               };
    }
}
