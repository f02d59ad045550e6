using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a builder says of the worth of a graft: the hours in it, what it may fetch, and what could be had instead. Amounts are in the graft's
/// currency.</summary>
public sealed record WorthTerms
{
    /// <summary>Nobody has said anything yet.</summary>
    public static readonly WorthTerms Empty = new();

    /// <summary>Hours at the bench until now; null where nobody counted.</summary>
    public decimal? HoursDone { get; init; }

    /// <summary>Hours still to come; null where nobody guessed.</summary>
    public decimal? HoursToCome { get; init; }

    /// <summary>What an hour is worth to the builder; null for a pleasure, which costs nothing.</summary>
    public Money? HourRate { get; init; }

    /// <summary>The price hoped for; null for a graft that is not sold.</summary>
    public Money? HopedPrice { get; init; }

    /// <summary>What whoever sells it takes of the price, in hundredths, 0 to 100.</summary>
    public decimal FeePercent { get; init; }

    /// <summary>What handing it over costs: packing, sending, an advertisement; null for nothing.</summary>
    public Money? HandingOver { get; init; }

    /// <summary>What all that is here would fetch as it stands, if it went no further; null where nobody says, and then nothing.</summary>
    public Money? AsItStands { get; init; }

    /// <summary>How many hours a day it is on, 0 to 24; null where nobody said.</summary>
    public decimal? HoursADay { get; init; }

    /// <summary>What a kilowatt-hour costs, exactly; null where nobody said.</summary>
    public decimal? Tariff { get; init; }

    /// <summary>What is left over when it is done.</summary>
    public ValueList<LeftOver> LeftOvers { get; init; } = [];

    /// <summary>What could be had instead.</summary>
    public ValueList<OtherWay> OtherWays { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
