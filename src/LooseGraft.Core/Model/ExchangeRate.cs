namespace LooseGraft.Core.Model;

/// <summary>What one of another currency is worth in that of the graft.</summary>
/// <param name="Currency">The other currency, a three-letter ISO 4217 code.</param>
/// <param name="Worth">What one of it is worth, above 0.</param>
/// <param name="On">The day of that rate.</param>
public sealed record ExchangeRate(string Currency, decimal Worth, DateOnly On)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
