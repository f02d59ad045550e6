namespace LooseGraft.Core.Quantities;

/// <summary>So many days, at least and at most.</summary>
/// <param name="From">At least, 0 or more.</param>
/// <param name="To">At most, no fewer than at least.</param>
public readonly record struct DaySpan(int From, int To)
{
    /// <summary>The most days that anything is waited for.</summary>
    public const int Most = 365;

    /// <summary>For example <c>2 to 5 days</c> or <c>1 day</c>.</summary>
    public override string ToString() => From == To ? (To == 1 ? "1 day" : $"{To} days") : $"{From} to {To} days";
}
