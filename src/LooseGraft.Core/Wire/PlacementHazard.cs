namespace LooseGraft.Core.Wire;

/// <summary>A way a hand could push a plug on that would destroy something.</summary>
/// <param name="Placement">The way.</param>
/// <param name="Intended">The way that is meant.</param>
/// <param name="Likelihood">How likely a hand is to do it.</param>
/// <param name="Contact">The worst contact it makes.</param>
public sealed record PlacementHazard(PlugPlacement Placement, PlugPlacement Intended, HandLikelihood Likelihood, JointContact Contact)
{
    /// <summary>The way in words, against the intended one.</summary>
    public string Words => Placement.WordsAgainst(Intended);
}
