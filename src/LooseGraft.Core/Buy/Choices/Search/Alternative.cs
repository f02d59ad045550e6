using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>A way of a joint with the packs of what only this joint needs.</summary>
/// <param name="Way">Which way of it.</param>
/// <param name="Acts">Acts for good, where they count.</param>
/// <param name="Steps">Steps of minutes, where they count.</param>
/// <param name="Cost">What the packs cost, without postage.</param>
/// <param name="Goods">The goods of each seller whose postage depends on them.</param>
/// <param name="Asks">What it needs that others may need as well.</param>
/// <param name="Packs">The packs.</param>
internal sealed record Alternative(
    int Way, int Acts, int Steps, long Cost, long[] Goods, ImmutableArray<ChoiceAsk> Asks, ImmutableArray<(int Pack, int Count)> Packs)
{
    /// <summary>Whether whatever is made of another can be made of this for no more.</summary>
    public bool IsNoWorseThan(Alternative other, FreePostage postage)
        => Acts <= other.Acts && Steps <= other.Steps && Cost + postage.MayMiss(Goods, other.Goods) <= other.Cost
            && Asks.All(ask => other.Asks.Any(each => each.Need == ask.Need && each.Once == ask.Once && each.Amount >= ask.Amount));
}
