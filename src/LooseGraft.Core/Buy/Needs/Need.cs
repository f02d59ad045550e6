using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>Something that the decisions of a graft ask for, or that its builder added.</summary>
/// <param name="Key">What it is remembered by; the same decisions give the same key.</param>
/// <param name="Ware">What it is.</param>
/// <param name="Words">What it is called.</param>
/// <param name="Asks">Who asks for it; empty for one that the builder added.</param>
/// <param name="Count">How many pieces, or whole metres, 1 or more.</param>
public sealed record Need(string Key, Ware Ware, string Words, ImmutableArray<NeedAsk> Asks, int Count)
{
    /// <summary>The part that it is, for a part of the graft that has to be bought; null for any other.</summary>
    public Part? Part { get; init; }

    /// <summary>The work of a joint that it has to do, for a go-between; null for any other.</summary>
    public GoBetween? GoBetween { get; init; }

    /// <summary>What the builder added it for; null for what the decisions ask for.</summary>
    public OwnNeed? Own { get; init; }

    /// <summary>How much is needed, for example <c>4 pieces</c>.</summary>
    public string Amount => WareFact.Of(Ware.Kind).Counted(Count);

    /// <summary>A need of so much as its asks add up to; one tool serves them all.</summary>
    internal static Need Of(string key, Ware ware, string words, params ImmutableArray<NeedAsk> asks)
        => new(key, ware, words, asks, ware.Kind == WareKind.Tool ? 1 : Math.Max(1, (int)Math.Ceiling(asks.Sum(ask => ask.Amount) - 1e-9)));
}
