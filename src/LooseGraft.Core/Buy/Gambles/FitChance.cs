using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Buy.Gambles;

/// <summary>How likely something does, by who says so, in hundredths. A starting point of ours to be overwritten, not counted from anything: what a maker lists
/// is taken as certain, a stranger who sells it is right three times of four, a report about another board of the kind hardly more often than not, and what
/// nobody has tried more seldom than not. Of what nobody has tried out, three of five work; what is sold as broken does not.</summary>
public static class FitChance
{
    /// <summary>What is certain.</summary>
    public const int Certain = 100;

    /// <summary>The chance that it is what is needed, 0 to 100.</summary>
    public static int Of(FitWord word) => word switch
    {
        FitWord.MakersList => Certain,
        FitWord.SellersWord => 75,
        FitWord.SomeonesReport => 60,
        _ => 35,
    };

    /// <summary>The chance that it works, 0 to 100.</summary>
    public static int Of(WareCondition condition) => condition switch
    {
        WareCondition.Untested => 60,
        WareCondition.Broken => 0,
        _ => Certain,
    };
}
