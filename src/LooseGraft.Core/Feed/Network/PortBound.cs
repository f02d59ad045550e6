using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Network;

/// <summary>What a port bears as a whole, whatever its contacts bear: what its maker says, otherwise what is usual for its kind. On the way back nothing is
/// laid down: what passes there has passed on its rail.</summary>
/// <param name="Usual">What is usual for its kind.</param>
/// <param name="Own">What is said of itself; it stands in place of all that is usual.</param>
/// <param name="UsualNote">Whence the usual is known.</param>
internal sealed record PortBound(PortBearing? Usual, PortLimit? Own, string UsualNote)
{
    /// <summary>Of one rail, in amperes; null where nothing is laid down.</summary>
    /// <param name="rail">The rail.</param>
    /// <param name="isTaker">Whether current is taken there, rather than given on.</param>
    public double? AmpsOf(string rail, bool isTaker) => rail == SupplyMetal.Ground ? null
        : Own is not null ? Own.Amps?.Value
        : !isTaker && Usual?.GivenAmps is { } given ? given : Usual?.AmpsOf(rail);

    /// <summary>Of all rails together, in watts; null where nothing is laid down. What is usual is laid down for what is given on.</summary>
    public double? WattsOf(bool isTaker) => Own is not null ? Own.Power?.Value : isTaker ? null : Usual?.Watts;

    /// <summary>The same if a guess proves low.</summary>
    public double? WattsAtBest => Own is not null ? Own.Power?.Value : Usual?.WattsAtBest ?? Usual?.Watts;

    /// <summary>Where that is known from.</summary>
    public Evidence Evidence => Own?.Evidence ?? Evidence.Assumed;

    /// <summary>The same in words.</summary>
    public string Note => Own is null ? UsualNote : Own.Note ?? "what is said of this port itself";
}
