using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>What passes a place of the chain: watts where a supply is what gives out, amperes where a conductor is.</summary>
/// <remarks>Amounts of the two kinds are never added or held against each other: that throws an <see cref="InvalidOperationException"/>.</remarks>
/// <param name="Value">The amount in watts or amperes; finite.</param>
/// <param name="IsPower">Whether it is in watts.</param>
public readonly record struct Throughput(double Value, bool IsPower) : IQuantity<Throughput>
{
    /// <summary>Power.</summary>
    public static implicit operator Throughput(Watts watts) => new(watts.Value, true);

    /// <summary>Current.</summary>
    public static implicit operator Throughput(Amps amps) => new(amps.Value, false);

    /// <inheritdoc/>
    public static Throughput operator +(Throughput left, Throughput right) => new(left.Value + Alike(left, right).Value, left.IsPower);

    /// <inheritdoc/>
    public static Throughput operator -(Throughput left, Throughput right) => new(left.Value - Alike(left, right).Value, left.IsPower);

    /// <summary>How many times the one goes into the other.</summary>
    public static double operator /(Throughput left, Throughput right) => left.Value / Alike(left, right).Value;

    /// <summary>So many times as much.</summary>
    public static Throughput operator *(double times, Throughput of) => of with { Value = times * of.Value };

    /// <inheritdoc/>
    public int CompareTo(Throughput other) => Value.CompareTo(Alike(this, other).Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Throughput left, Throughput right) => left.CompareTo(right) < 0;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Throughput left, Throughput right) => left.CompareTo(right) > 0;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Throughput left, Throughput right) => left.CompareTo(right) <= 0;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Throughput left, Throughput right) => left.CompareTo(right) >= 0;

    /// <summary>The amount with its unit, for example <c>60 W</c> or <c>5 A</c>.</summary>
    public override string ToString() => IsPower ? new Watts(Value).ToString() : new Amps(Value).ToString();

    private static Throughput Alike(Throughput left, Throughput right)
        => left.IsPower == right.IsPower ? right : throw new InvalidOperationException($"{left} and {right} are not of one kind.");
}
