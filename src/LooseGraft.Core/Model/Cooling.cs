using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What the air of a shell has to be told beside what Seat, Wire and Feed know: what covers its openings, which way its fans blow, what cools
/// what.</summary>
public sealed record Cooling
{
    /// <summary>Nobody has said anything yet.</summary>
    public static readonly Cooling Empty = new();

    /// <summary>How warm the room is; null where nobody said: then as rooms are.</summary>
    public Spread<Celsius>? Room { get; init; }

    /// <summary>Where the shell stands.</summary>
    public ShellStand Stand { get; init; }

    /// <summary>How high its feet hold its base above what it stands on; null where nobody looked: then as feet usually are.</summary>
    public Millimetres? Feet { get; init; }

    /// <summary>The watts that the shell's maker prints; null where nobody read any.</summary>
    public Known<Watts>? ShellLimit { get; init; }

    /// <summary>Spaces that no plane of Seat is, and what Seat does not say of those that one is.</summary>
    public ValueList<AirSpace> Spaces { get; init; } = [];

    /// <summary>What covers the openings that Seat knows.</summary>
    public ValueList<Vent> Vents { get; init; } = [];

    /// <summary>Ways for air that Seat has no opening for.</summary>
    public ValueList<AirWay> Ways { get; init; } = [];

    /// <summary>What each fan blows through.</summary>
    public ValueList<FanPlace> Fans { get; init; } = [];

    /// <summary>What cools each thing that gets hot.</summary>
    public ValueList<CoolerPlace> Coolers { get; init; } = [];

    /// <summary>Where a part heats the air, if not where Seat has it.</summary>
    public ValueList<HeatPlace> Places { get; init; } = [];

    /// <summary>What was read, oldest first.</summary>
    public ValueList<HeatReading> Readings { get; init; } = [];

    /// <summary>How many times the air goes through that is worked out of its openings and fans, as readings showed; null where none did.</summary>
    public Spread<Factor>? AirFactor { get; init; }

    /// <summary>The school whose word counts; null for that of the air worked out way by way.</summary>
    public HeatSchool? School { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
