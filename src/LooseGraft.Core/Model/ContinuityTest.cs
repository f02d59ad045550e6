namespace LooseGraft.Core.Model;

/// <summary>What the meter said between two ends of a lead, before it met anything.</summary>
/// <typeparam name="TEnd">How the ends of that sort of lead are named.</typeparam>
/// <param name="One">Where one probe lay.</param>
/// <param name="Other">Where the other lay.</param>
/// <param name="Beeped">Whether the meter beeped.</param>
/// <param name="At">When.</param>
public sealed record ContinuityTest<TEnd>(TEnd One, TEnd Other, bool Beeped, DateTimeOffset At)
    where TEnd : struct, IEquatable<TEnd>
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>Whether it was taken between two ends, whichever probe lay on which.</summary>
    public bool IsBetween(TEnd one, TEnd other) => (One.Equals(one) && Other.Equals(other)) || (One.Equals(other) && Other.Equals(one));
}
