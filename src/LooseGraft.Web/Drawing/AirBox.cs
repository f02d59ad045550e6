namespace LooseGraft.Web.Drawing;

/// <summary>A space as it is drawn, in pixels.</summary>
/// <param name="Space">Its index.</param>
/// <param name="X">Its left side.</param>
/// <param name="Y">Its upper side.</param>
/// <param name="Width">To the right.</param>
/// <param name="Height">Down.</param>
/// <param name="IsSized">Whether it is to scale.</param>
/// <param name="Warmth">How it is filled.</param>
public sealed record AirBox(int Space, double X, double Y, double Width, double Height, bool IsSized, string Warmth)
{
    /// <summary>Whether its name stands at its right corner.</summary>
    public bool IsNamedRight { get; init; }
}
