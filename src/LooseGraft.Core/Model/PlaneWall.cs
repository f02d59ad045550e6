namespace LooseGraft.Core.Model;

/// <summary>Where an opening is.</summary>
public enum PlaneWall
{
    /// <summary>In the plane itself.</summary>
    Floor,

    /// <summary>In the wall along the rear edge.</summary>
    Rear,

    /// <summary>In the wall along the front edge.</summary>
    Front,

    /// <summary>In the left wall.</summary>
    Left,

    /// <summary>In the right wall.</summary>
    Right,
}
