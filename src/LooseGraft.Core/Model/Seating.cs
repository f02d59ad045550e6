
namespace LooseGraft.Core.Model;

/// <summary>Where everything goes in the shell, in millimetres.</summary>
public sealed record Seating
{
    /// <summary>Nothing is placed yet.</summary>
    public static readonly Seating Empty = new();

    /// <summary>The planes of the shell that things are mounted upon.</summary>
    public ValueList<MountPlane> Planes { get; init; } = [];

    /// <summary>Where boards sit.</summary>
    public ValueList<BoardSeat> Seats { get; init; } = [];

    /// <summary>What takes up room.</summary>
    public ValueList<SeatBox> Boxes { get; init; } = [];

    /// <summary>The leads that have to reach.</summary>
    public ValueList<LeadRun> Runs { get; init; } = [];

    /// <summary>Distances measured on boards and planes.</summary>
    public ValueList<Survey> Surveys { get; init; } = [];

    /// <summary>Photographs to be laid under plans, one for each plane or part.</summary>
    public ValueList<PlanPhoto> Photos { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>The plane of that id; null when there is none.</summary>
    public MountPlane? FindPlane(string id) => Planes.FirstOrDefault(plane => plane.Id == id);

    /// <summary>Where a board sits; null when it does not yet.</summary>
    public BoardSeat? SeatOf(string part) => Seats.FirstOrDefault(seat => seat.Part == part);
}
