using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Adapters;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>The go-betweens of joints that are made through one.</summary>
internal static class JointNeeds
{
    public static IEnumerable<Need> Of(Graft graft, WireReview wire)
    {
        var owned = Adapter.In(graft).ToArray();
        return Through(graft, wire).SelectMany(review => For(graft, review, owned));
    }

    /// <summary>The adapters of a graft, by their parts' ids, that do the work of a joint which goes through one.</summary>
    public static IEnumerable<string> Served(Graft graft, WireReview wire)
    {
        var owned = Adapter.In(graft).ToArray();
        return Through(graft, wire).SelectMany(review => ChainOf(review, owned) ?? []).Select(adapter => adapter.Part.Id);
    }

    private static IEnumerable<JointReview> Through(Graft graft, WireReview wire)
        => graft.Joints.Where(joint => joint.Method == JointMethod.Adapter).Select(joint => wire.Find(joint.Id)).OfType<JointReview>();

    /// <summary>The go-betweens of one joint, made as it stands in its review.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="review">The joint.</param>
    /// <param name="owned">The adapters that lie in the graft and serve no joint yet.</param>
    public static IEnumerable<Need> For(Graft graft, JointReview review, Adapter[] owned)
    {
        // What lies in the graft for it already is needed no more; where it has still to be bought, it is a need as a part.
        if (ChainOf(review, owned) is not null) return [];
        var chain = ChainOf(review, Adapter.Sold) ?? [];
        var words = WareWords.Of(new Ware(WareKind.ForJoint) { Word = review.Joint.Id }, graft);
        return Enumerable.Range(0, Math.Max(1, chain.Length)).Select(place =>
        {
            var work = new GoBetween(review, chain, place);
            var ware = work.Usual is { } usual ? Ware.Usual(PartTemplate.Find(usual.Part.Id)!) : new Ware(WareKind.ForJoint) { Word = review.Joint.Id };
            return Need.Of(KeyOf(review.Joint.Id, place), ware, work.Usual?.Name ?? words,
                new NeedAsk(Stage.Wire, new JointSubject(review.Joint.Id), words, 1)) with
            { GoBetween = work };
        });
    }

    /// <summary>The keys of all the go-betweens that a joint may need.</summary>
    public static ImmutableArray<string> KeysOf(string joint) => [.. Enumerable.Range(0, AdapterSearch.Longest).Select(place => KeyOf(joint, place))];

    private static string KeyOf(string joint, int place) => $"for joint {joint}{(place == 0 ? "" : $" {place + 1}")}";

    private static ImmutableArray<Adapter>? ChainOf(JointReview review, IEnumerable<Adapter> adapters)
    {
        var most = Losses.Of(review).Length;
        return AdapterSearch.Find(review.Joint, review.From, review.To, adapters).Where(chain => chain.Lost <= most)
            .Select(chain => (ImmutableArray<Adapter>?)chain.Adapters).FirstOrDefault();
    }
}
