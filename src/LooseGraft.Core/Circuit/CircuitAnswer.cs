using System.Collections.Immutable;

namespace LooseGraft.Core.Circuit;

/// <summary>What is wrong with a circuit.</summary>
public sealed class CircuitAnswer
{
    internal CircuitAnswer(ImmutableArray<Conflict> conflicts, bool isAll, NetState open, NetState closed)
        => (Conflicts, IsAll, Open, Closed) = (conflicts, isAll, open, closed);

    /// <summary>Each thing, the worst first.</summary>
    public ImmutableArray<Conflict> Conflicts { get; }

    /// <summary>Whether that is all: false where so much is wrong, or so much is joined, that a bound was met. Then silence proves nothing.</summary>
    public bool IsAll { get; }

    /// <summary>The nets with no switch closed, before anything was blamed.</summary>
    internal NetState Open { get; }

    /// <summary>The nets with every switch closed that only makes.</summary>
    internal NetState Closed { get; }
}
