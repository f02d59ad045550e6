using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Orders;

/// <summary>One line of an order and what has come of it. Right, wrong, awaited and lost packs add up to those that were ordered.</summary>
/// <param name="Line">What was ordered.</param>
/// <param name="Right">Packs that came and were what was ordered.</param>
/// <param name="Wrong">Packs that came and were not.</param>
/// <param name="Awaited">Packs that are still to come.</param>
/// <param name="Parts">The parts of the graft that came out of it.</param>
/// <param name="InBin">What of it went into the bin.</param>
public sealed record OrderedLine(
    OrderLine Line, int Right, int Wrong, int Awaited, ImmutableArray<string> Parts, ImmutableArray<OfferContent> InBin)
{
    /// <summary>Packs that will not come.</summary>
    public int Lost => Line.Packs - Right - Wrong - Awaited;

    /// <summary>What is in the packs that are still to come.</summary>
    internal IEnumerable<OfferContent> ToCome => Line.Contents.Select(content => content with { Count = content.Count * Awaited });

    /// <summary>The same after a parcel: nothing comes that was not awaited.</summary>
    internal OrderedLine With(ArrivedLine came)
    {
        var right = Math.Min(came.Right, Awaited);
        var wrong = Math.Min(came.Wrong, Awaited - right);
        return this with
        {
            Right = Right + right,
            Wrong = Wrong + wrong,
            Awaited = Awaited - right - wrong,
            Parts = [.. Parts, .. came.Parts],
            InBin = [.. InBin, .. came.ToBin],
        };
    }

    /// <summary>What came right and lies at the bench, without what went to parts of the graft and into the bin. A part that is to be bought again, because its
    /// arrival was undone, is here all the same.</summary>
    internal IEnumerable<OfferContent> Here(Graft graft)
    {
        var gone = InBin.GroupBy(content => content.Ware).ToDictionary(same => same.Key, same => same.Sum(content => content.Count));
        foreach (var part in Parts.Distinct().Select(graft.FindPart).Where(part => part is { Origin: not PartOrigin.ToBuy }))
        {
            if (ArrivedParts.ContentFor(part!, Line.Contents) is { } content) gone[content.Ware] = gone.GetValueOrDefault(content.Ware) + 1;
        }

        foreach (var content in Line.Contents.Select(content => content with { Count = content.Count * Right }))
        {
            var taken = Math.Min(content.Count, gone.GetValueOrDefault(content.Ware));
            gone[content.Ware] = gone.GetValueOrDefault(content.Ware) - taken;
            yield return content with { Count = content.Count - taken };
        }
    }
}
