using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a plug-in meter at the wall showed.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="At">When.</param>
/// <param name="Work">What the machine was doing.</param>
/// <param name="Mean">The mean power at the wall.</param>
public sealed record WallReading(string Id, DateTimeOffset At, WallWork Work, Watts Mean)
{
    /// <summary>The power that nineteen in twenty samples stayed under; null for a single look.</summary>
    public Watts? MostOften { get; init; }

    /// <summary>The highest sample; null for a single look.</summary>
    public Watts? Highest { get; init; }

    /// <summary>Id of the supply that was behind the meter; null where only one hangs on the wall.</summary>
    public string? Supply { get; init; }

    /// <summary>Parts of the graft that were not in.</summary>
    public ValueList<string> Without { get; init; } = [];

    /// <summary>Where it comes from, or what was running.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
