using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>A space of the shell as it is computed.</summary>
/// <param name="Id">Its id: that of its plane, or its own.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Size">How large it is; null when nobody said.</param>
/// <param name="Wall">Index of the watts that its walls give to the room for each kelvin; null where nothing is known of them.</param>
public sealed record CoolSpace(string Id, string Name, SpaceSize? Size, int? Wall)
{
    /// <summary>The rectangle of its base, in the frame of its plane; from nothing for one that no plane is the base of.</summary>
    public PlanRectangle Base { get; init; }

    /// <summary>What its sides are made of, each once; empty where nobody said.</summary>
    public ImmutableArray<PlaneMaterial> Sheets { get; init; } = [];

    /// <summary>Which side of it is up.</summary>
    public ShellTop Top { get; init; }
}
