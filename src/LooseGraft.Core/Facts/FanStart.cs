namespace LooseGraft.Core.Facts;

/// <summary>What a fan takes while it starts.</summary>
public static class FanStart
{
    /// <summary>Times its running current, for about a second (fan makers' data sheets, common practice).</summary>
    public const double Factor = 2;
}
