using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Measuring;

/// <summary>What readings of temperature say of the air and the coolers.</summary>
/// <param name="Air">How many times as much air goes through as is worked out; null where the readings do not tell.</param>
/// <param name="Contacts">The coolers that they tell something of.</param>
/// <param name="Readings">Each reading, as the graft has them.</param>
public sealed record HeatFit(Spread<Factor>? Air, ImmutableArray<ContactFit> Contacts, ImmutableArray<ReadAgainst> Readings)
{
    /// <summary>Of more readings the newest count.</summary>
    public const int MostCounted = 24;

    /// <summary>Nobody read anything.</summary>
    public static readonly HeatFit None = new(null, [], []);

    /// <summary>Whether a factor says that it is otherwise: its range leaves 1 out.</summary>
    public static bool IsOtherwise(Spread<Factor> times) => times.Low.Value > 1 || times.High.Value < 1;
}
