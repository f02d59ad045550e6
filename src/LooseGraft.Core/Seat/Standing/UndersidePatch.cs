using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Standing;

/// <summary>A piece of the underside of a board.</summary>
/// <param name="Area">Where, in the plane's frame; not empty.</param>
/// <param name="Reach">How far it stands out below the bare board, in millimetres.</param>
/// <param name="Conducts">Whether metal shorts it.</param>
/// <param name="Name">What a builder calls it.</param>
internal readonly record struct UndersidePatch(Geometry Area, double Reach, bool Conducts, string Name);
