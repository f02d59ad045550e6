using LooseGraft.Core.Cool.Mounts;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool;

/// <summary>What Cool comes to, at peak.</summary>
/// <param name="Heat">What heats the air of the shell.</param>
/// <param name="Spaces">Its spaces.</param>
/// <param name="Ways">The ways that air has.</param>
/// <param name="Air">The warmest air in it.</param>
/// <param name="LikelyTooWarm">Things that are likely warmer than they stand for years.</param>
/// <param name="PerhapsTooWarm">Things that may be.</param>
public sealed record CoolFigures(Watts Heat, int Spaces, int Ways, Celsius Air, int LikelyTooWarm, int PerhapsTooWarm) : Figures;

/// <summary>A thing is or may be beyond a limit of its temperature.</summary>
/// <param name="Part">The part.</param>
/// <param name="Hot">What sort of thing.</param>
/// <param name="Likely">Its likely temperature at peak.</param>
/// <param name="High">What it stays under in 19 draws of 20.</param>
/// <param name="Limit">The limit.</param>
/// <param name="Chance">The chance of passing it, 0 to 1.</param>
public sealed record OverHeatLimit(string Part, HotKind Hot, Celsius Likely, Celsius High, Celsius Limit, double Chance) : FindingCase;

/// <summary>Air cannot go through.</summary>
/// <param name="Space">The space.</param>
/// <param name="Openings">How many ways lead from it, or what it is joined with, to the room.</param>
/// <param name="Heat">What heats its air at peak.</param>
public sealed record NoWayThrough(string Space, int Openings, Watts Heat) : FindingCase;

/// <summary>More watts than the shell's maker prints.</summary>
/// <param name="Heat">What heats its air at peak.</param>
/// <param name="Printed">What is printed.</param>
public sealed record BeyondPrinted(Watts Heat, Watts Printed) : FindingCase;

/// <summary>A cooler without a fan stands in air that hardly moves.</summary>
/// <param name="Part">The part.</param>
/// <param name="Air">What moves through its space.</param>
/// <param name="Wants">What its figures are made for.</param>
public sealed record CoolerInStillAir(string Part, LitresPerSecond Air, LitresPerSecond Wants) : FindingCase;

/// <summary>Two fans blow against each other.</summary>
/// <param name="Fan">The weaker.</param>
/// <param name="Other">The other.</param>
/// <param name="Moves">What the weaker moves now.</param>
/// <param name="Alone">What it would move without the other.</param>
public sealed record FansFight(string Fan, string Other, LitresPerSecond Moves, LitresPerSecond Alone) : FindingCase;

/// <summary>An intake draws in what has just come out.</summary>
/// <param name="Way">The intake.</param>
/// <param name="Warmer">By so much warmer than the room, in kelvins.</param>
public sealed record DrinksExhaust(string Way, double Warmer) : FindingCase;

/// <summary>A fan may not start.</summary>
/// <param name="Fan">The fan.</param>
/// <param name="Gets">What it gets.</param>
/// <param name="Wants">What starts any.</param>
public sealed record FanMayNotStart(string Fan, Volts Gets, Volts Wants) : FindingCase;

/// <summary>Warm air softens or harms something that makes no heat of its own.</summary>
/// <param name="On">The board that it holds, or the plane that it lies behind.</param>
/// <param name="Harmed">What is harmed.</param>
/// <param name="Likely">The likely air at peak.</param>
/// <param name="High">What it stays under in 19 draws of 20.</param>
/// <param name="Most">What it stands.</param>
public sealed record WarmAirHarms(string On, Harmed Harmed, Celsius Likely, Celsius High, Celsius Most) : FindingCase;

/// <summary>What warm air harms.</summary>
public enum Harmed
{
    /// <summary>Glue under the pillars of a board.</summary>
    Glue,

    /// <summary>Ties and studs of plastic that hold a board.</summary>
    Plastic,

    /// <summary>A lithium pack.</summary>
    Battery,
}

/// <summary>A filter takes more than it may.</summary>
/// <param name="Way">The way that it is in.</param>
/// <param name="Part">What would get coolest without it.</param>
/// <param name="Cooler">By how many kelvins.</param>
public sealed record FilterChokes(string Way, string Part, double Cooler) : FindingCase;

/// <summary>Something of a part is not known that its temperature depends on.</summary>
/// <param name="Part">The part.</param>
public sealed record HeatUnknown(string Part) : FindingCase;

/// <summary>A supply for the mains is in air that does not move.</summary>
/// <param name="Part">The supply.</param>
/// <param name="Air">What moves through its space.</param>
public sealed record SupplyShutIn(string Part, LitresPerSecond Air) : FindingCase;

/// <summary>A temperature that was read beside what is worked out.</summary>
/// <param name="Read">What was read.</param>
/// <param name="Low">What is worked out lies above it in 19 draws of 20.</param>
/// <param name="High">It lies below this in as many.</param>
public sealed record ReadAgainstModel(Celsius Read, Celsius Low, Celsius High) : FindingCase;

/// <summary>A temperature that was read is beyond a limit.</summary>
/// <param name="Part">The part.</param>
/// <param name="Hot">What sort of thing.</param>
/// <param name="Read">What was read.</param>
/// <param name="Limit">The limit.</param>
public sealed record ReadBeyondLimit(string Part, HotKind Hot, Celsius Read, Celsius Limit) : FindingCase;

/// <summary>A side of the shell gets too warm.</summary>
/// <param name="Space">The space that it is round.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Likely">How warm it likely gets at peak.</param>
/// <param name="High">What it stays under in 19 draws of 20.</param>
/// <param name="Limit">The limit.</param>
public sealed record WallTooWarm(string Space, PlaneMaterial Material, Celsius Likely, Celsius High, Celsius Limit) : FindingCase;

/// <summary>A cooler is not held as it has to be.</summary>
/// <param name="Part">The part that it cools.</param>
/// <param name="Fit">How it is held.</param>
public sealed record CoolerHeld(string Part, CoolerFit Fit) : FindingCase;

/// <summary>A fan that is not held as what turns has to be.</summary>
/// <param name="Part">The fan.</param>
/// <param name="Hold">What holds it.</param>
public sealed record FanHeld(string Part, FanHold Hold) : FindingCase;

/// <summary>Something gets into the blades of a fan.</summary>
/// <param name="Fan">The fan.</param>
/// <param name="Gap">What is free before them; null where nobody measured.</param>
public sealed record BladesReached(string Fan, Millimetres? Gap) : FindingCase;

/// <summary>The school that is trusted says no.</summary>
/// <param name="School">The school.</param>
public sealed record HeatSchoolRefuses(HeatSchool School) : FindingCase;

/// <summary>No single state at rest.</summary>
/// <param name="Apart">How far the two states are from each other in kelvins; 0 where it does not come to rest.</param>
public sealed record NoOneRest(double Apart) : FindingCase;
