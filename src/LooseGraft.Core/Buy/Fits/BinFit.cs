using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Fits;

/// <summary>What the bin has for a need.</summary>
public static class BinFit
{
    /// <summary>What lies free, is not broken, and will do for a need by what it is, in the order of the bin. What nobody wrote down what it is, is not
    /// asked.</summary>
    /// <param name="need">The need.</param>
    /// <param name="around">What is owned.</param>
    public static IEnumerable<OwnedThing> For(Need need, Surroundings around)
    {
        // A bin may hold a hundred of one sort in as many entries: each sort is held against the need once.
        var known = new Dictionary<Ware, bool>();
        return around.Bin.Where(thing => thing is { Free: > 0, Condition: not WareCondition.Broken } && Fits(thing.Ware));

        bool Fits(Ware ware)
            => known.TryGetValue(ware, out var does) ? does : known[ware] = WareFit.Of(need, ware, FitWord.NeverTried) == FitGrade.Fits;
    }
}
