using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A temperature that was read in the machine. It is of exactly one of a part, a space and a way.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="At">When.</param>
/// <param name="Hot">What was read.</param>
/// <param name="Work">What the machine was doing.</param>
/// <param name="Minutes">For how long it had been doing so.</param>
public sealed record HeatReading(string Id, DateTimeOffset At, Celsius Hot, HeatCase Work, Minutes Minutes)
{
    /// <summary>A shell and what is in it are at rest after so many minutes of the same work: three of their time constants, which are 5 to 7 minutes with
    /// a fan (5 kJ for each kelvin, 12 to 15 W for each; common practice). One without a fan takes longer.</summary>
    public const double RestMinutes = 20;

    /// <summary>The part: its processor, chip or drive, or of a supply the air that it takes in.</summary>
    public string? Part { get; init; }

    /// <summary>The space, whose air it is of.</summary>
    public string? Space { get; init; }

    /// <summary>The way, or opening written plane/opening: the air that goes through it.</summary>
    public string? Way { get; init; }

    /// <summary>How warm the room was; null where nobody looked: then as the graft has it.</summary>
    public Celsius? Room { get; init; }

    /// <summary>The share of their full speed at which all fans ran that are parts of their own, 0 to 1; null for as the graft has them.</summary>
    public double? FanShare { get; init; }

    /// <summary>What it was read with.</summary>
    public HeatTool Tool { get; init; }

    /// <summary>Whether something has been changed since, so that it is kept but no longer counts.</summary>
    public bool IsPast { get; init; }

    /// <summary>Where it comes from.</summary>
    public Evidence Evidence { get; init; } = Evidence.Measured;

    /// <summary>What was running, or where exactly it was read.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
