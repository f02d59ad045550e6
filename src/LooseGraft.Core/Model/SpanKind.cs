namespace LooseGraft.Core.Model;

/// <summary>What a caliper was put against.</summary>
public enum SpanKind
{
    /// <summary>Middle to middle, or middle to edge.</summary>
    Middle,

    /// <summary>The near rims of two holes, or the near rim of a hole and an edge.</summary>
    NearRims,

    /// <summary>The far rims of two holes, or the far rim of a hole and an edge.</summary>
    FarRims,
}
