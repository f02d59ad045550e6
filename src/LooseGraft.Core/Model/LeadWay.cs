namespace LooseGraft.Core.Model;

/// <summary>The one way that a lead shall take.</summary>
public enum LeadWay
{
    /// <summary>In front of the plane all along.</summary>
    InFront,

    /// <summary>Behind the plane for a part of it, from one hole to another, out of sight.</summary>
    Behind,
}
