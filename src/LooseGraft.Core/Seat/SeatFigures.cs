using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Seat;

/// <summary>Something lies under a board and shorts it, or keeps it off its mounts.</summary>
/// <param name="Thing">The mount, the box or the plane.</param>
/// <param name="Board">The board above it.</param>
/// <param name="Gap">From its top to what it meets; negative when it reaches into it.</param>
public sealed record LiesBeneath(string Thing, string Board, Millimetres Gap) : FindingCase;

/// <summary>Nothing holds a board.</summary>
/// <param name="Board">The board.</param>
public sealed record NothingHolds(string Board) : FindingCase;

/// <summary>Something reaches through a wall.</summary>
/// <param name="Body">What.</param>
/// <param name="Plane">The plane whose wall it is.</param>
/// <param name="Beyond">How far.</param>
public sealed record ThroughWall(string Body, string Plane, Millimetres Beyond) : FindingCase;

/// <summary>Something comes near mains or high voltage.</summary>
/// <param name="Mains">What carries it.</param>
/// <param name="Gap">What is between them.</param>
public sealed record MainsNear(string Mains, Millimetres Gap) : FindingCase;

/// <summary>Mounts of unequal height hold one board.</summary>
/// <param name="Mount">The lower.</param>
/// <param name="Lower">By how much.</param>
public sealed record MountUneven(string Mount, Millimetres Lower) : FindingCase;

/// <summary>A hole meets no mount, and nothing holds it.</summary>
/// <param name="Hole">Which, from 1.</param>
/// <param name="NearestOff">How far off the nearest mount is; null when there is none near.</param>
public sealed record HoleUndecided(int Hole, Millimetres? NearestOff) : FindingCase;

/// <summary>A way of holding does not hold here.</summary>
/// <param name="Hole">Which hole, from 1.</param>
/// <param name="Method">The way.</param>
public sealed record MethodWrong(int Hole, MountMethod Method) : FindingCase;

/// <summary>A board is far from any support where it is pushed.</summary>
/// <param name="Far">From the nearest support.</param>
/// <param name="Most">The most that a board bears unbent.</param>
public sealed record SpanUnsupported(Millimetres Far, Millimetres Most) : FindingCase;

/// <summary>Nothing joins a board's ground to the metal it sits on.</summary>
/// <param name="Board">The board.</param>
/// <param name="Plane">The plane.</param>
public sealed record NothingGrounds(string Board, string Plane) : FindingCase;

/// <summary>A board reaches beyond its plane.</summary>
/// <param name="Board">The board.</param>
/// <param name="Plane">The plane.</param>
/// <param name="Beyond">The farthest of it.</param>
public sealed record BeyondPlane(string Board, string Plane, Millimetres Beyond) : FindingCase;

/// <summary>Nobody measured the outline of a seated board.</summary>
/// <param name="Board">The board.</param>
public sealed record ShapeUnknown(string Board) : FindingCase;

/// <summary>A port looks at a closed wall.</summary>
/// <param name="Port">The port.</param>
/// <param name="Wall">The wall.</param>
/// <param name="Far">How far off the wall is.</param>
public sealed record PortWithoutOpening(PortId Port, PlaneWall Wall, Millimetres Far) : FindingCase;

/// <summary>The ports reach beyond their opening along the wall.</summary>
/// <param name="Opening">Its name.</param>
/// <param name="Beyond">By how much.</param>
public sealed record PortsMissOpening(string Opening, Millimetres Beyond) : FindingCase;

/// <summary>The board's edge is too far from its opening for a plate.</summary>
/// <param name="Opening">Its name.</param>
/// <param name="Gap">From the edge to the opening.</param>
/// <param name="Bridges">What a plate bridges.</param>
public sealed record PlateTooShort(string Opening, Millimetres Gap, Millimetres Bridges) : FindingCase;

/// <summary>Nothing is decided for the opening round the ports.</summary>
/// <param name="Opening">Its name.</param>
/// <param name="Gap">From the board's edge to it.</param>
public sealed record PlateUndecided(string Opening, Millimetres Gap) : FindingCase;

/// <summary>No port looks out of an opening.</summary>
/// <param name="Opening">Its name.</param>
/// <param name="Plane">The plane it belongs to.</param>
public sealed record OpeningEmpty(string Opening, string Plane) : FindingCase;

/// <summary>An opening takes away what something stands on or is held by.</summary>
/// <param name="Opening">Its name.</param>
/// <param name="Thing">The mount or the hole.</param>
/// <param name="Missing">How much of its foot is missing.</param>
public sealed record CutTakesAway(string Opening, string Thing, Millimetres Missing) : FindingCase;

/// <summary>Fewer slots lie before a card than its bracket takes.</summary>
/// <param name="Card">The box of the card.</param>
/// <param name="Wants">How many it takes.</param>
/// <param name="Has">How many lie before it.</param>
public sealed record SlotsMissing(string Card, int Wants, int Has) : FindingCase;

/// <summary>A screw does not go into what shall take it.</summary>
/// <param name="Hole">Which hole, from 1.</param>
/// <param name="Thread">The screw's thread.</param>
/// <param name="Mount">What shall take it; null where it does not go through the board.</param>
public sealed record ScrewUnsuited(int Hole, string Thread, string? Mount) : FindingCase;

/// <summary>A screw is too short to hold, or too long.</summary>
/// <param name="Hole">Which hole, from 1.</param>
/// <param name="Length">Its length.</param>
/// <param name="Least">The shortest that holds.</param>
/// <param name="Most">The longest that goes; null when nobody looked what is free behind.</param>
public sealed record ScrewLength(int Hole, Millimetres Length, Millimetres Least, Millimetres? Most) : FindingCase;

/// <summary>A bay or its screws do not suit a drive.</summary>
/// <param name="Box">The drive.</param>
/// <param name="Form">Its size, in inches.</param>
public sealed record DriveUnsuited(string Box, string Form) : FindingCase;

/// <summary>Metal is near an aerial.</summary>
/// <param name="Aerial">The aerial.</param>
/// <param name="Metal">The nearest metal.</param>
/// <param name="Gap">How far off it is.</param>
public sealed record AerialShielded(string Aerial, string Metal, Millimetres Gap) : FindingCase;

/// <summary>Nothing holds a card.</summary>
/// <param name="Card">The box of the card.</param>
public sealed record CardLoose(string Card) : FindingCase;

/// <summary>A seating rests on what nobody measured.</summary>
/// <param name="Board">The board.</param>
/// <param name="Mounts">How many of the mounts that it meets nobody measured.</param>
/// <param name="IsOutline">Whether nobody measured its outline either.</param>
public sealed record SeatUnproven(string Board, int Mounts, bool IsOutline) : FindingCase;

/// <summary>Typed places do not fit measured distances.</summary>
/// <param name="From">The one end.</param>
/// <param name="To">The other.</param>
/// <param name="Typed">How far apart they are as typed.</param>
/// <param name="Measured">How far apart as measured.</param>
public sealed record TypedContradicted(string From, string To, Millimetres Typed, Millimetres Measured) : FindingCase;

/// <summary>A plate does not suit its opening, or the ports behind it.</summary>
/// <param name="Opening">The opening.</param>
/// <param name="Beyond">How much is wrong with its size, or lies behind it.</param>
public sealed record PlateUnsuited(string Opening, Millimetres Beyond) : FindingCase;

/// <summary>Two things want the same room.</summary>
/// <param name="One">The one.</param>
/// <param name="Other">The other.</param>
/// <param name="TooMuch">The least move that parts them.</param>
public sealed record SameRoom(string One, string Other, Millimetres TooMuch) : FindingCase;

/// <summary>Two things are closer than clearance and tolerance allow.</summary>
/// <param name="One">The one.</param>
/// <param name="Other">The other.</param>
/// <param name="Gap">What is between them.</param>
/// <param name="Needed">What should be.</param>
public sealed record TooClose(string One, string Other, Millimetres Gap, Millimetres Needed) : FindingCase;

/// <summary>Something is too tall for what is above it.</summary>
/// <param name="Body">What.</param>
/// <param name="Top">How high it stands above the plane.</param>
/// <param name="Free">What is free there.</param>
/// <param name="IsLid">Whether it is the lid itself, and not something that comes down from it.</param>
public sealed record UnderLid(string Body, Millimetres Top, Millimetres Free, bool IsLid) : FindingCase;

/// <summary>A lead does not reach.</summary>
/// <param name="Lead">Which.</param>
/// <param name="Needed">The length its way takes, with drops and slack.</param>
/// <param name="Had">Its length at the least.</param>
public sealed record LeadShort(string Lead, Millimetres Needed, Millimetres Had) : FindingCase;

/// <summary>A lead has no way from one end to the other.</summary>
/// <param name="Lead">Which.</param>
public sealed record LeadHasNoWay(string Lead) : FindingCase;

/// <summary>A lead just reaches.</summary>
/// <param name="Lead">Which.</param>
/// <param name="Needed">The length its way takes, with drops and slack.</param>
/// <param name="Had">Its length at the least.</param>
public sealed record LeadTight(string Lead, Millimetres Needed, Millimetres Had) : FindingCase;

/// <summary>Nobody knows whether a lead reaches.</summary>
/// <param name="Lead">Which.</param>
/// <param name="Needed">The length its way takes; null while an end has no place.</param>
public sealed record LeadUnmeasured(string Lead, Millimetres? Needed) : FindingCase;

/// <summary>A distance does not fit the others.</summary>
/// <param name="From">The one end.</param>
/// <param name="To">The other.</param>
/// <param name="Read">What was read.</param>
/// <param name="Others">What the other distances say.</param>
public sealed record DistanceInconsistent(string From, string To, Millimetres Read, Millimetres Others) : FindingCase;

/// <summary>Distances do not fix a place.</summary>
/// <param name="Points">The names of the points that are loose.</param>
public sealed record PointsLoose(ValueList<string> Points) : FindingCase;

/// <summary>A point fits on the other side as well.</summary>
/// <param name="Point">Its name.</param>
public sealed record PointMirrored(string Point) : FindingCase;

/// <summary>What Seat comes to.</summary>
/// <param name="Boards">Boards that have their place.</param>
/// <param name="HolesMet">Their holes that meet a mount.</param>
/// <param name="HolesLoose">Their holes that nothing holds.</param>
/// <param name="Clashes">Pairs of things that want the same room, or come too close.</param>
/// <param name="Leads">Leads that have to reach.</param>
/// <param name="LeadsShort">Those that do not.</param>
/// <param name="LeastSpare">What the tightest measured lead has to spare, negative when it is short; null when none is measured.</param>
public sealed record SeatFigures(int Boards, int HolesMet, int HolesLoose, int Clashes, int Leads, int LeadsShort, Millimetres? LeastSpare) : Figures;
