namespace LooseGraft.Core.Model;

/// <summary>What a plane is made of.</summary>
public enum PlaneMaterial
{
    /// <summary>Sheet steel.</summary>
    Steel,

    /// <summary>Aluminium.</summary>
    Aluminium,

    /// <summary>Wood, plywood or fibreboard.</summary>
    Wood,

    /// <summary>Plastic.</summary>
    Plastic,

    /// <summary>Glass-fibre board.</summary>
    Laminate,
}
