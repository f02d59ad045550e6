namespace LooseGraft.Core.Cool.Scene;

/// <summary>A figure that is not known better than this. Figures of one group rise and fall together: what one sheet of mesh lets through, its like does
/// too.</summary>
/// <param name="Group">Index of its group.</param>
/// <param name="Low">The least it can plausibly be.</param>
/// <param name="Likely">The best single figure.</param>
/// <param name="High">The most.</param>
internal readonly record struct Unsure(int Group, double Low, double Likely, double High)
{
    /// <summary>The figure at a place of its triangular distribution.</summary>
    /// <param name="share">0 for the lowest, 1 for the highest.</param>
    public double At(double share)
    {
        var width = High - Low;
        if (width <= 0) return Likely;
        var turn = (Likely - Low) / width;
        return share < turn ? Low + Math.Sqrt(share * width * (Likely - Low)) : High - Math.Sqrt((1 - share) * width * (High - Likely));
    }
}
