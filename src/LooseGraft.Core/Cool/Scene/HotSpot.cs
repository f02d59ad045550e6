using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>A thing that has a limit of temperature.</summary>
/// <param name="Part">The part that it is or belongs to.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Kind">What sort of thing.</param>
/// <param name="Source">Index of what heats it; -1 where nobody knows its watts.</param>
/// <param name="Space">Index of the space whose air it is in; -1 for the room.</param>
/// <param name="Cooler">What cools it; null for what only has the temperature of its air.</param>
public sealed record HotSpot(string Part, string Name, HotKind Kind, int Source, int Space, CoolerClass? Cooler)
{
    /// <summary>Whether somebody said what cools it.</summary>
    public bool IsSaid { get; init; }

    /// <summary>Whether it is taken for the stricter sort because nobody said which.</summary>
    public bool IsStrict { get; init; }

    /// <summary>Whether a duct brings it air from the room.</summary>
    public bool TakesRoomAir { get; init; }

    /// <summary>Where what is known of it comes from.</summary>
    public Evidence Evidence { get; init; }

    /// <summary>How hot it may get.</summary>
    public HeatLimit Limit => HeatLimit.Of(Kind);

    /// <summary>Index of the share of its part's watts that it turns into heat.</summary>
    internal int Share { get; init; }

    /// <summary>Index of its kelvins for each watt that go with flow.</summary>
    internal int Resistance { get; init; }

    /// <summary>Index of those in still air; null for a cooler with a fan.</summary>
    internal int? Still { get; init; }

    /// <summary>Index of how many times as hard as that the heat gets into its air.</summary>
    internal int Contact { get; init; }

    /// <summary>Index of those that no flow changes.</summary>
    internal int Joint { get; init; }
}
