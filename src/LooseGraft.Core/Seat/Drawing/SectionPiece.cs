namespace LooseGraft.Core.Seat.Drawing;

/// <summary>What a cut through everything on a plane shows of one thing.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="From">Where it begins along the cut, in millimetres.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Low">Its lower side above the plane.</param>
/// <param name="High">Its upper side.</param>
/// <param name="IsBareMetal">Whether it is known to be bare metal.</param>
public sealed record SectionPiece(SectionKind Kind, string Name, double From, double To, double Low, double High, bool IsBareMetal = false);
