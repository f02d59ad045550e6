using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>Everything of a graft that its air depends on, ready to be computed.</summary>
/// <param name="Spaces">The spaces of the shell.</param>
/// <param name="Ways">The ways between them and to the room.</param>
/// <param name="Fans">The fans that somebody placed.</param>
/// <param name="Sources">What heats the air.</param>
/// <param name="Spots">What has a limit.</param>
public sealed record CoolScene(
    ImmutableArray<CoolSpace> Spaces, ImmutableArray<CoolWay> Ways, ImmutableArray<CoolFan> Fans, ImmutableArray<HeatSource> Sources,
    ImmutableArray<HotSpot> Spots)
{
    /// <summary>Whether anything is known of the shell: without a space there is nothing to compute.</summary>
    public bool HasShell => !Spaces.IsEmpty;

    /// <summary>Index of the room's temperature.</summary>
    internal int Room { get; init; }

    /// <summary>Index of the discharge coefficient of sharp edges.</summary>
    internal int Discharge { get; init; }

    /// <summary>Index of the velocity heads of a clean filter.</summary>
    internal int Filter { get; init; }

    /// <summary>Index of the share of what comes out beside an intake that is drawn in again.</summary>
    internal int Again { get; init; }

    /// <summary>Index of how many times the air goes through that openings and fans are reckoned to let.</summary>
    internal int AirFactor { get; init; }

    /// <summary>Every figure that is not known exactly.</summary>
    internal UnsureFigures Figures { get; init; } = new();

    // A room where people sit, where nobody said (common practice).
    private static readonly (double, double, double) UsualRoom = (18, 22, 28);

    // Of what comes out right beside an intake, so much is drawn in again (common practice; nothing four widths of the outlet away).
    private static readonly (double, double, double) UsualAgain = (0.1, 0.3, 0.5);

    /// <summary>How warm the room is: low, likely and high, in degrees Celsius.</summary>
    internal static (double Low, double Likely, double High) RoomOf(Graft graft)
        => graft.Cooling.Room is { } room ? (room.Low.Value, room.Likely.Value, room.High.Value) : UsualRoom;

    // One factor stands for ways that are not there yet as well: more than is worked out is promised of none of them.
    private static (double Low, double Likely, double High) Within(Spread<Factor> times)
        => (Math.Min(times.Low.Value, 1), Math.Min(times.Likely.Value, 1), Math.Min(times.High.Value, 1));

    /// <summary>The scene of a graft.</summary>
    /// <param name="graft">The graft in use.</param>
    /// <param name="flows">What its parts take and its supplies give.</param>
    public static CoolScene Of(Graft graft, FeedFlows flows)
    {
        var figures = new UnsureFigures();
        var at = Add("room", RoomOf(graft));
        var isFitted = graft.Cooling.AirFactor is not null;
        var discharge = Add("discharge", AirCoverFact.Discharge, isFitted);
        var filter = Add("filter", AirCoverFact.CleanFilter, isFitted);
        var again = Add("again", UsualAgain);
        var factor = Add("air factor", graft.Cooling.AirFactor is { } times ? Within(times) : (1, 1, 1));
        var spaces = SceneSpaces.Of(graft, figures);
        var ways = SceneWays.Of(graft, spaces, figures);
        var fans = SceneFans.Of(graft, flows, spaces, ways, figures);
        var sources = SceneSources.Of(graft, flows, spaces, figures);
        var spots = SceneSpots.Of(graft, spaces, sources, figures);
        return new CoolScene([.. spaces], [.. ways], [.. fans], [.. sources], [.. spots])
        {
            Room = at,
            Discharge = discharge,
            Filter = filter,
            Again = again,
            AirFactor = factor,
            Figures = figures,
        };

        int Add(string group, (double Low, double Likely, double High) range, bool isFitted = false)
            => figures.Add(group, range.Low, range.Likely, range.High, isFitted);
    }
}
