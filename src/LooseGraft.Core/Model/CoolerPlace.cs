using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What cools the hot thing of a part: the processor of a board, the chip of a card, a drive.</summary>
/// <param name="Part">The part.</param>
public sealed record CoolerPlace(string Part)
{
    /// <summary>The usual sort of cooler that it is nearest to; null for what its kind of part usually has.</summary>
    public CoolerClass? Class { get; init; }

    /// <summary>Kelvins for each watt from its air to the chip at full speed, where somebody knows them.</summary>
    public Spread<KelvinsPerWatt>? Resistance { get; init; }

    /// <summary>The share of the part's watts that the chip turns into heat; null for what its kind of part usually has.</summary>
    public double? Share { get; init; }

    /// <summary>Whether a duct or shroud brings it air from the room.</summary>
    public bool TakesRoomAir { get; init; }

    /// <summary>Whether a drive has something in it that turns; null where nobody said.</summary>
    public bool? Spins { get; init; }

    /// <summary>What holds it; null where nobody said.</summary>
    public CoolerHold? Hold { get; init; }

    /// <summary>The holes or lugs that the board has for one; null where nobody measured.</summary>
    public HolePattern? BoardHoles { get; init; }

    /// <summary>Those that the cooler wants.</summary>
    public HolePattern? OwnHoles { get; init; }

    /// <summary>How many times as hard as such a cooler has it the heat gets from the chip into its air, as readings showed: paste, seat, dust; null where
    /// none did.</summary>
    public Spread<Factor>? Contact { get; init; }

    /// <summary>Where that is known from.</summary>
    public Evidence Evidence { get; init; } = Evidence.Assumed;

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
