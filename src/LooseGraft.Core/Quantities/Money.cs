using System.Globalization;

namespace LooseGraft.Core.Quantities;

/// <summary>An amount in the one currency its graft is kept in. Decimal, so cents add up exactly.</summary>
/// <param name="Amount">The amount; negative means owed.</param>
public readonly record struct Money(decimal Amount)
{
    /// <summary>No money.</summary>
    public static readonly Money Zero = new(0);

    /// <summary>The sum.</summary>
    public static Money operator +(Money left, Money right) => new(left.Amount + right.Amount);

    /// <summary>The difference.</summary>
    public static Money operator -(Money left, Money right) => new(left.Amount - right.Amount);

    /// <summary>The amount with the code of its currency, for example <c>180 EUR</c> or <c>12.50 EUR</c>.</summary>
    /// <param name="currency">A three-letter ISO 4217 code.</param>
    public string In(string currency)
    {
        var whole = decimal.Truncate(Amount) == Amount;
        var text = Math.Abs(Amount).ToString(whole ? "0" : "0.00", CultureInfo.InvariantCulture);
        return $"{(Amount < 0 ? "−" : "")}{text} {currency}";
    }
}
