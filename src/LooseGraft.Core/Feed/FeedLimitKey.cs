using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>Which limit of a supply it is, whatever it is called.</summary>
/// <param name="Kind">What sort of limit.</param>
/// <param name="Rail">The rail; null for what rails share.</param>
/// <param name="Shared">Which of the limits that rails share, from 0; null for any other.</param>
/// <param name="At">The string, or string/plug; null for the supply itself and for ports.</param>
/// <param name="Port">The port that feeds on; null for any other.</param>
public readonly record struct FeedLimitKey(FeedLimitKind Kind, string? Rail = null, int? Shared = null, string? At = null, PortId? Port = null)
{
    /// <summary>The limit of a rail.</summary>
    public static FeedLimitKey OfRail(string rail) => new(FeedLimitKind.Rail, rail);

    /// <summary>A limit that rails share, by its place in the list.</summary>
    public static FeedLimitKey OfShared(int index) => new(FeedLimitKind.Combined, Shared: index);

    /// <summary>The limit of the whole supply.</summary>
    public static FeedLimitKey OfTotal { get; } = new(FeedLimitKind.Total);

    /// <summary>The limit of a string's wires of one rail.</summary>
    public static FeedLimitKey OfWire(string lead, string rail) => new(FeedLimitKind.Wire, rail, At: lead);

    /// <summary>The limit of a plug's contacts of one rail; the plug is written string/plug.</summary>
    public static FeedLimitKey OfPlug(string plug, string rail) => new(FeedLimitKind.Plug, rail, At: plug);

    /// <summary>The limit of a port that feeds one rail on.</summary>
    public static FeedLimitKey OfPort(PortId port, string rail) => new(FeedLimitKind.Port, rail, Port: port);
}
