using LooseGraft.Core.Buy.Fits;

namespace LooseGraft.Core.Buy.Orders;

/// <summary>What of an order goes to a need.</summary>
/// <param name="Order">The order.</param>
/// <param name="Line">Which line of it, from 0.</param>
/// <param name="Count">How many pieces, or metres.</param>
/// <param name="IsHere">Whether it has come.</param>
/// <param name="Fit">Whether it will do.</param>
public sealed record OrderGift(PlacedOrder Order, int Line, int Count, bool IsHere, FitGrade Fit);
