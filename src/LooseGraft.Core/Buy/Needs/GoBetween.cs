using System.Collections.Immutable;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Adapters;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>The place of a go-between in a joint: any one will do that brings as much through.</summary>
/// <param name="Joint">The joint as it was decided.</param>
/// <param name="Chain">The adapters in trade that do its work in a row; empty where none do.</param>
/// <param name="Place">Which of them it is, from 0.</param>
public sealed record GoBetween(JointReview Joint, ImmutableArray<Adapter> Chain, int Place)
{
    /// <summary>How many pairs that belong together the joint leaves open as it was decided: a go-between may lose no more.</summary>
    public int MayLose { get; } = Losses.Of(Joint).Length;

    /// <summary>The adapter in trade at its place; null where none does the work.</summary>
    public Adapter? Usual => Chain.IsEmpty ? null : Chain[Place];

    private IEnumerable<Adapter> Others => Chain.Where((_, index) => index != Place);

    /// <summary>Whether an adapter does this one's work, by its ends and by what is joined inside it.</summary>
    /// <param name="uses">Every way that it can be put in.</param>
    public bool IsDoneBy(IReadOnlyCollection<Adapter> uses)
        => AdapterSearch.Find(Joint.Joint, Joint.From, Joint.To, Others.Concat(uses))
            .Any(chain => chain.Lost <= MayLose && chain.Adapters.Length <= Math.Max(1, Chain.Length) && chain.Adapters.Any(uses.Contains));
}
