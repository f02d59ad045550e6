using System.Numerics;

namespace LooseGraft.Core.Quantities;

/// <summary>A physical amount. Only sums and differences of the same unit are defined here; products that make sense are
/// operators of the types themselves.</summary>
/// <typeparam name="TSelf">The quantity itself.</typeparam>
public interface IQuantity<TSelf> : IAdditionOperators<TSelf, TSelf, TSelf>, ISubtractionOperators<TSelf, TSelf, TSelf>, IComparable<TSelf>
    where TSelf : struct, IQuantity<TSelf>
{
    /// <summary>The amount in its unit.</summary>
    double Value { get; }
}
