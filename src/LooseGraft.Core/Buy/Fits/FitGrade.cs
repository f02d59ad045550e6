namespace LooseGraft.Core.Buy.Fits;

/// <summary>Whether something owned or offered will do for a need, best first.</summary>
public enum FitGrade
{
    /// <summary>By its sort and size, or by its ends and what is joined inside it.</summary>
    Fits,

    /// <summary>Somebody says so, and nothing here shows it: prove it before it meets anything.</summary>
    ProveFirst,

    /// <summary>It is something else.</summary>
    No,
}
