using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A plane of the shell that something is mounted upon, in its own frame: looking down at it, rear edge at y = 0.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Name">What a builder calls it: tray, floor, back wall.</param>
/// <param name="Outline">Its outline as a polygon, in order.</param>
public sealed record MountPlane(string Id, string Name, ValueList<PlanPoint> Outline)
{
    /// <summary>What it is made of.</summary>
    public PlaneMaterial Material { get; init; } = PlaneMaterial.Steel;

    /// <summary>How thick it is.</summary>
    public Millimetres Thickness { get; init; } = new(1);

    /// <summary>What lies free behind it: how deep a drill may come through; null when nobody looked.</summary>
    public Millimetres? Behind { get; init; }

    /// <summary>Where something lies behind it; there its own figure counts.</summary>
    public ValueList<BehindArea> BehindAreas { get; init; } = [];

    /// <summary>How high the lid is above it where no ceiling says otherwise; null when it is open or nobody measured.</summary>
    public Millimetres? Lid { get; init; }

    /// <summary>Whether the lid is bare metal; null for what the plane is made of.</summary>
    public bool? IsLidMetal { get; init; }

    /// <summary>Where the lid or something under it is lower or higher.</summary>
    public ValueList<Ceiling> Ceilings { get; init; } = [];

    /// <summary>How it stands on another plane, as a tray does; null for a plane of the shell itself.</summary>
    public PlaneStand? Stand { get; init; }

    /// <summary>What stands on it.</summary>
    public ValueList<Mount> Mounts { get; init; } = [];

    /// <summary>Its openings and those of the walls round it.</summary>
    public ValueList<Opening> Openings { get; init; } = [];

    /// <summary>What the walls round it are made of, where that differs.</summary>
    public ValueList<WallSheet> Walls { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>The smallest rectangle round it, which its walls stand on.</summary>
    public PlanRectangle Bounds => PlanRectangle.Round(Outline);

    /// <summary>Whether sheet that does not wear through lies on it under the boards; paint is none.</summary>
    public bool IsCovered { get; init; }

    /// <summary>What a wall is made of, or the plane itself.</summary>
    public WallSheet SheetOf(PlaneWall wall) => Walls.FirstOrDefault(sheet => sheet.Wall == wall) ?? new WallSheet(wall, Material, Thickness);

    /// <summary>Whether its lid, should it have one, is bare metal; where nobody said, it is of what the plane is.</summary>
    public bool HasMetalLid => IsLidMetal ?? IsMetal;

    /// <summary>Whether a bare touch on it shorts.</summary>
    public bool IsBareMetal => IsMetal && !IsCovered;

    /// <summary>Whether it is sheet metal.</summary>
    public bool IsMetal => Material.IsMetal();
}
