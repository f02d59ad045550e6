using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Core.Wire.Adapters;

/// <summary>Finds the chains of adapters worth considering for a joint.</summary>
/// <remarks>
/// A multi-criteria search over open faces, the plug's own first: a label is a face together with what each of its contacts leads to, and a label is dropped
/// when another reaches the same for no more money and no more adapters. What a chain can still become depends on its label alone, so nothing worth having is
/// dropped: exact up to <see cref="Longest"/> adapters. Time grows with the adapters that fit, not with all that exist.
/// </remarks>
public static class AdapterSearch
{
    /// <summary>The most adapters in a row: each adds contacts that fail, and more than three nobody builds.</summary>
    public const int Longest = 3;

    /// <summary>The chains of which none beats another by what is lost, money and number; cheapest loss first. Those that would destroy something are left
    /// out, and those through which nothing comes that is of use.</summary>
    /// <param name="joint">The joint.</param>
    /// <param name="from">Its fixed side.</param>
    /// <param name="to">The plug.</param>
    /// <param name="known">The adapters to choose from.</param>
    public static ImmutableArray<AdapterChain> Find(Joint joint, JointEnd from, JointEnd to, IEnumerable<Adapter> known)
    {
        var adapters = known.ToArray();
        var found = new List<AdapterChain>();
        var best = new Dictionary<string, List<Face>>();
        var waiting = new Queue<Face>([Face.Of(to.Port)]);
        while (waiting.TryDequeue(out var face))
        {
            if (face.Chain.Length > 0 && PlugFit.Problems(from.Port, face.Port).Count == 0 && Judge(joint, from, to, face) is { } chain) found.Add(chain);
            if (face.Chain.Length == Longest) continue;
            foreach (var next in adapters.Where(adapter => !face.Chain.Contains(adapter) && GoesOn(adapter.Inner, face.Port)).Select(face.Behind))
            {
                if (IsWorse(next, best)) continue;
                best[next.Label].Add(next);
                waiting.Enqueue(next);
            }
        }

        return [.. found.Where(chain => !found.Any(other => other.Beats(chain))).DistinctBy(chain => (chain.Lost, chain.Price, chain.Adapters.Length))
            .OrderBy(chain => chain.Lost).ThenBy(chain => chain.Price.Likely)];
    }

    private static bool IsWorse(Face face, Dictionary<string, List<Face>> best)
    {
        if (!best.TryGetValue(face.Label, out var others)) best[face.Label] = others = [];
        return others.Any(other => other.Cost <= face.Cost && other.Chain.Length <= face.Chain.Length);
    }

    private static bool GoesOn(Port header, Port plug) => PlugFit.Problems(header, plug).Count == 0 && new Mating(header, plug).GoesOn(PlugPlacement.Straight);

    private static AdapterChain? Judge(Joint joint, JointEnd from, JointEnd to, Face face)
    {
        var mating = new Mating(from.Port, face.Port);
        if (!mating.GoesOn(PlugPlacement.Straight)) return null;
        var nets = new LeadNets<LeadEnd>();
        // Several contacts of one supply lead to several: a tree of wires says so without rings.
        ValueList<Conductor> wires = [.. mating.Meetings(PlugPlacement.Straight)
            .SelectMany(meeting => face.Behind(meeting.To).Select(end => new Conductor(meeting.From, end)))
            .Where(wire => nets.Join(wire.Ends.One, wire.Ends.Other))];
        var review = JointJudge.Review(joint with { Method = JointMethod.Adapter, Wires = wires, Ties = [] }, from, to);
        var isOfUse = Serves(review) && !review.Decided.Any(contact => contact.Judgement.IsStop);
        return isOfUse ? new AdapterChain(face.Chain, review, Losses.Of(review).Length) : null;
    }

    // Something has to come through; and where the plug lives on a supply, that supply and its way back, or everything else is for nothing.
    private static bool Serves(JointReview review)
    {
        var through = review.Decided.Where(contact => contact.Judgement.IsRight).Select(contact => review.From.At(contact.From).Family).ToHashSet();
        return through.Count > 0 && review.Proposal.Select(row => row.Signal.Family)
            .All(family => family is not (SignalFamily.Supply or SignalFamily.Ground) || through.Contains(family));
    }

    // The face that is open at the end of a chain, and which positions of the plug lie behind each of its contacts.
    private sealed record Face(Port Port, ImmutableArray<Adapter> Chain, ImmutableArray<ImmutableArray<int>> Ends)
    {
        public decimal Cost => Chain.Sum(adapter => adapter.Price.Likely);

        public string Label { get; } = $"{Port.Type.Id} {Port.Gender} {Port.Rows} {Port.Columns} {string.Join(';', Ends.Select(ends => string.Join(',', ends)))}";

        public static Face Of(Port plug) => new(plug, [], [.. Enumerable.Range(1, plug.PositionCount).Select(position => ImmutableArray.Create(position))]);

        public ImmutableArray<int> Behind(int position) => Ends[position - 1];

        public Face Behind(Adapter adapter)
        {
            var ends = new SortedSet<int>[adapter.Outer.PositionCount];
            foreach (var index in Enumerable.Range(0, ends.Length)) ends[index] = [];
            foreach (var meeting in new Mating(adapter.Inner, Port).Meetings(PlugPlacement.Straight))
            {
                foreach (var outer in adapter.Through(meeting.From)) ends[outer - 1].UnionWith(Behind(meeting.To));
            }

            return new Face(adapter.Outer, Chain.Add(adapter), [.. ends.Select(set => set.ToImmutableArray())]);
        }
    }
}
