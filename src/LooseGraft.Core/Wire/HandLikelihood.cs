namespace LooseGraft.Core.Wire;

/// <summary>How likely a hand is to push a plug on in another way than intended, working half blind in a shell. Judged from the shapes alone (common
/// practice).</summary>
public enum HandLikelihood
{
    /// <summary>Several positions off or turned and shifted: one would see it.</summary>
    Rarely,

    /// <summary>Turned end for end, where nothing keys it.</summary>
    NowAndThen,

    /// <summary>One position to the side, or straight into a socket of the same shape.</summary>
    Easily,
}
