namespace LooseGraft.Core.Quantities;

/// <summary>A physical amount whose unit is part of its type, so that a bare number makes one.</summary>
/// <typeparam name="TSelf">The quantity itself.</typeparam>
public interface IUnitQuantity<TSelf> : IQuantity<TSelf>
    where TSelf : struct, IUnitQuantity<TSelf>
{
    /// <summary>The amount <paramref name="value"/> in the type's unit.</summary>
    /// <param name="value">Any finite number.</param>
    static abstract TSelf Of(double value);
}
