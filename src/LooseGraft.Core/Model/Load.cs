namespace LooseGraft.Core.Model;

/// <summary>What one part takes. By what way it takes it is read from the joints.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Part">Id of the part.</param>
public sealed record Load(string Id, string Part)
{
    /// <summary>What it takes, rail by rail and socket by socket.</summary>
    public ValueList<Draw> Draws { get; init; } = [];

    /// <summary>The watts to which a setting holds the part; null where nothing does.</summary>
    public PowerCap? Cap { get; init; }

    /// <summary>Whether it waits for the others that do the same before it starts, as drives can.</summary>
    public bool StartsInTurn { get; init; }

    /// <summary>How it is meant to be fed where no joint feeds it; null when nobody said.</summary>
    public MeantWay? Meant { get; init; }

    /// <summary>The load with what entered by a socket entering by any: together with what entered so already.</summary>
    public Load WithoutSocket(string socket) => Draws.All(draw => draw.Socket != socket) ? this : this with
    {
        Draws = [.. Draws.Select(draw => draw.Socket == socket ? draw with { Socket = null } : draw)
            .GroupBy(draw => (draw.Rail, draw.Socket)).Select(same => same.Aggregate((one, other) => one.With(other)))],
    };

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
