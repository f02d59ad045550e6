using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>A kind of connector that the product knows by name.</summary>
/// <param name="Id">As written in a graft file.</param>
/// <param name="Name">As a builder says it.</param>
/// <param name="Housing">What sort of body it has; only like bodies can be pushed together.</param>
/// <param name="Rows">Rows of positions, 1 or more.</param>
/// <param name="Columns">Positions in a row, 1 or more.</param>
/// <param name="PitchMm">Millimetres from one position to the next in a row.</param>
/// <param name="RowPitchMm">Millimetres from row to row.</param>
/// <param name="Keying">What keeps it from going on the wrong way round.</param>
/// <param name="Numbering">How its positions are counted.</param>
/// <param name="BoardGender">The gender that boards and drives usually carry.</param>
/// <param name="Gloss">What it is for, in plain words.</param>
/// <param name="Source">Where shape and pinout are laid down.</param>
/// <param name="Evidence">How far the pinout may be relied on.</param>
/// <param name="Pinout">The signal of each position in order, <c>absent</c> for a missing pin; empty when there is no usual pinout.</param>
/// <param name="ContactAmps">Amperes that one contact with standard terminals bears without end; null where nothing is laid down. Terminal makers' data and
/// common practice.</param>
/// <param name="Port">What such a port bears as a whole, whatever its contacts bear; null where nothing is usual.</param>
/// <param name="OnSecondRail">Whether a supply with two rails of one voltage feeds it from the second: the processor's plugs (ATX12V design guide 2.x,
/// +12V2DC).</param>
/// <param name="PartsInto">The kind of socket that a plug of it may go into as well where it is made to part in two: 20+4, 4+4, 6+2 positions (common
/// practice); null where none does.</param>
public sealed record ConnectorType(
    string Id, string Name, Housing Housing, int Rows, int Columns, double PitchMm, double RowPitchMm, Keying Keying, Numbering Numbering,
    Gender BoardGender, string Gloss, string Source, Evidence Evidence, IReadOnlyList<string> Pinout, double? ContactAmps = null, PortBearing? Port = null,
    bool OnSecondRail = false, string? PartsInto = null)
{
    /// <summary>Whether a plug of it goes into a socket: of its own kind, or of the kind it may part into.</summary>
    public bool MayServe(ConnectorType socket) => this == socket || PartsInto == socket.Id;

    /// <summary>Millimetres from one position to the next in a row.</summary>
    public Millimetres Pitch => new(PitchMm);

    /// <summary>Millimetres from row to row.</summary>
    public Millimetres RowPitch => new(RowPitchMm);
}
