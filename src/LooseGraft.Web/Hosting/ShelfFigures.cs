using LooseGraft.Core.Feed;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Hosting;

/// <summary>How a graft stands, for the shelf.</summary>
public sealed record ShelfFigures(
    int Stops, Throughput? LeastLeft, Money? ToSpend, string Currency, int Unproven, string NextCut, string NextCutAt);
